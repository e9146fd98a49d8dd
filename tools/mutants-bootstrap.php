<?php

declare(strict_types=1);

// Loads the copy with a seeded fault instead of its file; see tools/mutants.php.
$loader = require dirname(__DIR__).'/vendor/autoload.php';
spl_autoload_register(static function (string $class) use ($loader): void {
    if ((string) getenv('MUTANT_FILE') === realpath((string) $loader->findFile($class))) {
        require (string) getenv('MUTANT_COPY');
    }
}, prepend: true);
