<?php

/**
 * The engine in the hand: Berm's rules on a device without signal, a message in, an answer out. In the browser the messages come
 * through the worker's own function; anywhere else a line of the standard input is a message, and a line of the output its answer.
 */

declare(strict_types=1);

use App\Hand\Desk;

spl_autoload_register(static function (string $class): void {
    $root = dirname(__DIR__).'/';
    $folders = [
        'Berm\\Core\\' => 'core/src/', 'App\\' => 'src/',
        'Symfony\\Component\\ExpressionLanguage\\' => 'vendor/symfony/expression-language/',
        'Psr\\Cache\\' => 'vendor/psr/cache/src/', 'Psr\\Clock\\' => 'vendor/psr/clock/src/',
    ];
    foreach ($folders as $space => $folder) {
        $file = $root.$folder.strtr(substr($class, strlen($space)), '\\', '/').'.php';
        if (str_starts_with($class, $space) && is_file($file)) {
            require $file;

            return;
        }
    }
});
date_default_timezone_set('UTC');
ini_set('memory_limit', '512M');

$desk = new Desk();
if (function_exists('post_message_to_js')) {
    for ($message = post_message_to_js(''); '' !== $message; $message = post_message_to_js($desk->take($message)));

    return;
}
while (false !== $message = fgets(STDIN)) {
    echo $desk->take(rtrim($message, "\n")), "\n";
    flush();
}
