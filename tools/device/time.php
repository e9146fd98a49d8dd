<?php

/** Opens the page that times the engine and says what it found. usage: time.php URL */

declare(strict_types=1);

use App\Tests\Journey\Page;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$_SERVER['BERM_URL'] = $argv[1];
$page = Page::open(600, 400);
try {
    $page->go('/');
    $read = '';
    for ($i = 0; $i < 120 && !str_starts_with($read, '{'); ++$i) {
        $read = $page->run("setTimeout(() => done('done' === document.title ? document.body.textContent : ''), 500)");
    }
} finally {
    $page->close();
}
$told = json_decode($read, true, 8, JSON_THROW_ON_ERROR);
isset($told['runs']) || exit("The engine did not run: $read\n");
$warm = array_slice($told['runs'], 4);
sort($warm);
$median = static function (int $which) use ($warm): float {
    $all = array_column($warm, $which);
    sort($all);

    return $all[intdiv(count($all), 2)];
};
printf(
    "starts in %.0f ms, takes its files in %.0f ms, first read and plan %.0f ms\n",
    $told['boot'], $told['files'], array_sum($told['runs'][0]),
);
printf("warm: a whole plan of three armoured cores %.0f ms (aim 200), reading its job file %.0f ms\n", $median(1), $median(0));
