<?php

/** How long one whole plan takes in the core: fit, mark-out, parking, section, obstacles and next step, from a parsed job. */

declare(strict_types=1);

use Berm\Core\Build\BuildState;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\Job\Plan;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$text = (string) file_get_contents(dirname(__DIR__, 2).'/demo/sallow-fen.job.json');
$file = Fields::readText($text, JobFile::read(...));
$millisecondsOf = static function (callable $work, int $times): array {
    $took = [];
    for ($i = 0; $i < $times; ++$i) {
        $start = hrtime(true);
        $work();
        $took[] = (hrtime(true) - $start) / 1e6;
    }
    sort($took);

    return [$took[intdiv($times, 2)], $took[(int) ($times * 0.95)]];
};
$plan = static fn (): string => Plan::of($file->job, BuildState::fold($file->log))->next()->title->template;
$read = static fn (): JobFile => Fields::readText($text, JobFile::read(...));
$millisecondsOf($plan, 200);
foreach (['one full plan in the core' => $plan, 'reading the job file it rests on' => $read] as $what => $work) {
    [$median, $slow] = $millisecondsOf($work, 1000);
    printf("%-44s %8.3f ms   95 %% under %.3f ms\n", $what, $median, $slow);
}
