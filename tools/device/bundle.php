<?php

/** Everything that the engine needs, as one JSON file: the core, the expression library, and a job of three armoured cores. */

declare(strict_types=1);

use Berm\Core\File\JobFile;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Prove\Corners;

$root = dirname(__DIR__, 2);
require $root.'/vendor/autoload.php';

$files = [];
foreach (['core/src', 'vendor/symfony/expression-language', 'vendor/psr/cache/src'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        assert($file instanceof SplFileInfo);
        if ('php' === $file->getExtension() && !str_contains($file->getPathname(), '/Tests/')) {
            $files[substr($file->getPathname(), strlen($root) + 1)] = (string) file_get_contents($file->getPathname());
        }
    }
}
$sheet = Berm\Core\File\Fields::readText((string) file_get_contents("$root/demo/kits/quillon-armour-12.json"), KitSheetFile::read(...));
foreach ((new Corners($sheet))->ofSize(current($sheet->sizes)) as $corner) {
    $files['job.json'] = json_encode((new JobFile($corner->job, []))->write(), JSON_THROW_ON_ERROR);
    break;
}
file_put_contents($argv[1], json_encode($files, JSON_THROW_ON_ERROR));
