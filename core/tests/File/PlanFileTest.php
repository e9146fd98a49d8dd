<?php

declare(strict_types=1);

namespace Berm\Core\Tests\File;

use Berm\Core\Build\BuildState;
use Berm\Core\Connector\Fixing;
use Berm\Core\File\PlanFile;
use Berm\Core\Job\Plan;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What `./berm plan` gives: items, margins, profile, materials, and the work in its order. */
final class PlanFileTest extends TestCase
{
    #[Test]
    public function theWorkStandsInItsOrderWithItsTimesAndLimits(): void
    {
        $plan = self::plan();
        $work = self::list(PlanFile::write($plan)['work']);
        self::assertSame(array_map(static fn ($stage): string => $stage->key, $plan->sheet->stages ?? []), array_column($work, 'key'));
        $tasks = array_merge([], ...array_map(self::list(...), array_column($work, 'tasks')));
        self::assertSame(\count($plan->progress?->tasks() ?? []), \count($tasks));
        $fill = $work[(int) array_search('fill', array_column($work, 'key'), true)];
        $lap = self::list($fill['tasks'])[(int) array_search(
            'Mastic onto the insulation, end B', array_column(self::list($fill['tasks']), 'title'), true,
        )];
        self::assertSame(['check', 'B', '3 mm to 9 mm', false], [$lap['kind'], $lap['end'], $lap['limits'], $lap['done']]);
        self::assertMatchesRegularExpression('/^\d+ min$/', \is_string($fill['work']) ? $fill['work'] : '');
    }

    #[Test]
    public function everyTaskIsDoneAtTheEnd(): void
    {
        $built = Built::toTheEnd(self::plan()->job);
        $work = self::list(PlanFile::write($built->plan ?? self::fail())['work']);
        self::assertNotContains(false, array_column($work, 'done'));
        self::assertGreaterThan(5, \count($work));
    }

    #[Test]
    public function aRuleHasWhatIsLeftNominallyAtTheWorstAndLikely(): void
    {
        $section = PlanFile::write(self::plan())['section'];
        self::assertIsArray($section);
        $rules = self::list($section['rules']);
        $tube = $rules[(int) array_search('stress-tube', array_column($rules, 'part'), true)];
        self::assertSame(['36 mm', '16 mm', 'proved'], [$tube['value'], $tube['margin'], $tube['proof']]);
        self::assertSame(['placing of the stress tube'], $tube['takesMost']);
        self::assertNotEmpty(self::list(\is_array($section['profile']) ? $section['profile']['core'] ?? [] : []));
    }

    /** @return list<array<mixed>> */
    private static function list(mixed $json): array
    {
        self::assertIsArray($json);

        return array_values(array_filter($json, is_array(...)));
    }

    private static function plan(): Plan
    {
        return Plan::of(Demo::corner('quillon-core-17', [], Fixing::ShearBolt), BuildState::nothingDone());
    }
}
