<?php

/** How long one whole plan takes in the core: fit, mark-out, parking, section, obstacles and next step, from a parsed job. */

declare(strict_types=1);

use Berm\Core\Build\BuildState;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\Job\Plan;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require_once __DIR__.'/lib.php';

$text = (string) file_get_contents(dirname(__DIR__, 2).'/demo/sallow-fen.job.json');
$file = Fields::readText($text, JobFile::read(...));
measure(
    'one full plan in the core (limit 2 ms)',
    1000,
    static fn (): string => Plan::of($file->job, BuildState::fold($file->log))->next()->title->template,
);
measure('reading the job file it rests on', 500, static fn (): JobFile => Fields::readText($text, JobFile::read(...)));
