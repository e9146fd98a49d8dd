<?php

declare(strict_types=1);

// Everything of our own and what the container's services need is loaded once, when the server starts.
$project = dirname(__DIR__);
if (is_file("$project/var/build/App_KernelProdContainer.preload.php")) {
    require "$project/var/build/App_KernelProdContainer.preload.php";
    foreach (['core/src', 'src'] as $folder) {
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator("$project/$folder", FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            $class = strtr(substr((string) $file, strlen("$project/$folder/"), -4), '/', '\\');
            // The PDF library defines constants as it is loaded, which last for one request only.
            if ('Http\\Record\\Paper' === $class) {
                continue;
            }
            class_exists(('src' === $folder ? 'App\\' : 'Berm\\Core\\').$class);
        }
    }
}
