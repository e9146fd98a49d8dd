<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What goes wrong at a trench: the signal, a colleague at the same job, a small screen at night. */
final class TroubleTest extends TestCase
{
    private const HALF_CUT = '/jobs/019aa100-0000-7000-8000-000000000002';
    private const UNMEASURED = '/jobs/019aa100-0000-7000-8000-000000000005';

    #[Test]
    public function anEntryMadeWithNoSignalStaysOnTheScreenAndIsSentLater(): void
    {
        $page = Page::open(390, 844, 'dark');
        try {
            $page->signIn('jointer')->go(self::HALF_CUT.'/build')->see('4 · Insulation, end A')->assertAccessible();
            $page->offline(true)->enter(
                'Measured, Insulation, end A, in mm', '56.5',
            )->see('Not saved yet: Insulation, end A: 56.5 mm')->see('no signal since')->see('an entry waits');
            $page->see('1 · Oversheath, end B')->enter(
                'Measured, Oversheath, end B, in mm', '248',
            )->see('Not saved yet: Oversheath, end B: 248 mm')->see('2 · Metallic screen, end B');
            $page->offline(false)->see('all sent')->see('2 · Metallic screen, end B')->doesNotSee('Not saved yet');
        } finally {
            $page->close();
        }
    }

    /** All pages are in the browser soon after the first one: a trench without a signal opens those that were never opened. */
    #[Test]
    public function aPageThatWasNeverOpenedOpensWithoutASignal(): void
    {
        $page = Page::open(390, 844);
        try {
            $page->signIn('jointer')->go(self::HALF_CUT.'/mark-out')->see('thread on in this order')->waitFor(
                'every page fetched', 'return performance.getEntriesByType("resource").some((one) => one.name.includes("/Build-"))',
            );
            $page->offline(true)->press('Build')->see('steel rule ± 0.5 mm');
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function aCableIsMeasuredWithOneThumb(): void
    {
        $page = Page::open(390, 844);
        try {
            $page->signIn('jointer')->go(self::UNMEASURED.'/cables')->see('1×150 Al')->press('Oversheath')->see(
                'Diameter over the oversheath, end A, in mm',
            )->assertAccessible();
            foreach (['2', '7', '.', '4', 'Add'] as $key) {
                $page->press($key);
            }
            $page->see('27.4 mm 1/0°')->see('Diameter over the insulation, end A, in mm')->see('all sent');
            $page->press('Oversheath')->see('Goes to place 1 at 90°.');
        } finally {
            $page->close();
        }
    }

    #[Test]
    public function theSecondOfTwoPeopleGetsBothVersions(): void
    {
        $first = Page::open();
        $second = Page::open();
        try {
            $field = 'Diameter over the insulation, end A, in mm';
            $first->signIn('engineer')->go(self::UNMEASURED.'/cables')->see('1×150 Al');
            $second->signIn('jointer')->go(self::UNMEASURED.'/cables')->see('1×150 Al');
            $first->pressFirst('Insulation')->enter($field, '22.3')->see('all sent')->see('22.3 mm');
            $second->pressFirst('Insulation')->enter($field, '22.6')->see(
                'Somebody else changed this job while you were editing',
            )->see('22.3 mm')->see('22.6 mm')->assertAccessible();
            $second->press('Store mine in its place')->see('all sent');
            $first->go(self::UNMEASURED.'/cables')->see('22.6 mm');
        } finally {
            $first->close();
            $second->close();
        }
    }
}
