<?php

declare(strict_types=1);

// Takes docs/screenshots/ again from the demo of a throw-away application.   usage: ./berm shots
use App\Tests\Journey\Page;

require dirname(__DIR__).'/vendor/autoload.php';

$folder = dirname(__DIR__).'/docs/screenshots';
$job = static fn (int $number): string => sprintf('/jobs/019aa100-0000-7000-8000-%012d', $number);

$desk = Page::open();
$desk->signIn('jointer')->see('Oxmere')->shot("$folder/jobs.png");
$views = [
    ['safety', $job(3).'/safety', 'Permit number'],
    ['cables', $job(2).'/cables', 'ovality'],
    ['library', '/cables', 'Least bending radius'],
    ['kit', $job(4).'/kit', 'do not fit, and why'],
    ['connector', $job(2).'/connector', 'do not fit, and why'],
    ['mark-out', $job(2).'/mark-out', 'thread on in this order'],
    ['section', $job(11).'/section', 'to spare'],
    ['build', $job(2).'/build', 'window'],
    ['stages', $job(7).'/build', 'Stress tubes, one a side'],
    ['record', $job(1).'/record', 'Record of a joint'],
];
foreach ($views as [$name, $path, $words]) {
    $desk->go($path)->see($words)->shot("$folder/$name.png");
}
$desk->go($job(6).'/cables')->see('What differs')->press('What is it?')->see('does not agree with the cable')
    ->shot("$folder/what-is-it.png");
$desk->go('/kits')->see('What it is for')->pressFirst('Straight joint, one core')->see('Size 3')->shot("$folder/kits.png");
$desk->go('/stores')->see('Harbour store')->shot("$folder/stores.png");
$desk->go('/bench')->see('Each calculation')->shot("$folder/bench.png");
$desk->go('/kits/drafts/osterwick-plain-12')->see('Everything covers what it must.');
$desk->run('document.querySelector(`[data-path="items[7].features[0].from"] input`).focus(); done("")');
$desk->see('Body with lined ends 275')->shot("$folder/authoring.png");
$desk->close();

$answering = Page::open();
$answering->signIn('engineer')->go('/waits')->see('Weir Lane pit 5')->shot("$folder/waits.png");
$answering->close();

$trench = Page::open(390, 844, 'dark');
$trench->signIn('jointer')->go($job(2).'/build')->see('window')->shot("$folder/trench-night.png");
$trench->close();

// Last, for it changes the job: a cut is made too far.
$spoilt = Page::open();
$spoilt->signIn('jointer')->go($job(2).'/build')->enter('Measured, Insulation, end A, in mm', '68')->see('What can still be done')
    ->pressFirst('What can still be done: ')->see('Stays measured')->shot("$folder/ways.png");
$spoilt->close();
