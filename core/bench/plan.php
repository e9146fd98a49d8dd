<?php

/**
 * How long one whole plan takes in the core: fit, mark-out, parking, section, profile, margins, materials, work order and obstacles; the
 * same arithmetic in bare floats beside it; and how long the prover takes.
 */

declare(strict_types=1);

use Berm\Core\Build\BuildState;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Trial;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Prove\Corners;
use Berm\Core\Prove\Prover;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require_once __DIR__.'/lib.php';
require_once __DIR__.'/bare.php';

$sheet = static fn (string $id): KitSheet => Fields::readText(
    (string) file_get_contents(dirname(__DIR__, 2)."/demo/kits/$id.json"), KitSheetFile::read(...),
);
$nothing = BuildState::nothingDone();
foreach (['one core' => 'quillon-core-17', 'three cores, armoured' => 'quillon-armour-12'] as $what => $id) {
    $kit = $sheet($id);
    foreach ($kit->sizes as $size) {
        foreach ((new Corners($kit))->ofSize($size) as $corner) {
            $job = $corner->job;
            break 2;
        }
    }
    assert(isset($job));
    // A job that is new each time: what is remembered of one that is known does not count.
    $whole = measure("a whole plan: $what (aim 5 ms)", 300, static fn (): Plan => Plan::of(clone $job, $nothing));
    measure('  of a job that was planned before', 300, static fn (): Plan => Plan::of($job, $nothing));
    measure('  without the order of the work, as the list of kits asks', 300, static fn (): Trial => Trial::of(clone $job));
    $plan = Plan::of($job, $nothing);
    [$places, $stretches, $rules] = bareNumbers($plan);
    $radial = count(array_filter($plan->section->rulings ?? [], static fn ($ruling): bool => null === $ruling->length));
    $bare = measure('  the same arithmetic in bare floats', 300, static fn (): float => bare($places, $stretches, $rules, $radial));
    printf("  %.0f times the bare floats (aim 12)\n", $whole / $bare);
}
$text = (string) file_get_contents(dirname(__DIR__, 2).'/demo/sallow-fen.job.json');
measure('reading a job file', 300, static fn (): JobFile => Fields::readText($text, JobFile::read(...)));
foreach (['harrow-sock-28', 'harrow-deadbreak-25', 'quillon-armour-12'] as $id) {
    $start = hrtime(true);
    $report = Prover::prove($kit = $sheet($id));
    printf(
        "%-64s %d plans in %.1f s (limits 2000 and 10 s), %d sizes\n", "the prover: $id", $report->plans, (hrtime(true) - $start) / 1e9,
        count($kit->sizes),
    );
}
