<?php

/**
 * The sources that the engine in the hand runs, as one JSON file of paths and texts, without their comments.   usage: hand-archive.php FILE
 */

declare(strict_types=1);

$root = dirname(__DIR__);
$files = ['bin/hand.php' => (string) php_strip_whitespace("$root/bin/hand.php")];
$folders = [
    'core/src', 'src/UseCase', 'src/Http/Wire', 'src/Hand', 'vendor/symfony/expression-language', 'vendor/psr/cache/src',
    'vendor/psr/clock/src',
];
foreach ($folders as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        assert($file instanceof SplFileInfo);
        $path = substr($file->getPathname(), strlen($root) + 1);
        if ('php' === $file->getExtension() && !str_contains($path, '/Tests/')) {
            $files[$path] = php_strip_whitespace($file->getPathname());
        }
    }
}
ksort($files);
file_put_contents($argv[1], json_encode($files, \JSON_THROW_ON_ERROR));
