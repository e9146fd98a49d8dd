<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Prove;

use Berm\Core\Build\Task;
use Berm\Core\Job\Job;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Section\Ruling;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Every length that a sheet asks for, read at either of its limits with all else as planned, builds to the end; read 1 mm past what the
 * cuts, the items and the other readings leave, it is never accepted.
 *
 * Two sheets here, every one by BERM_BUILDS=all (./berm builds).
 */
final class ReadingsTest extends TestCase
{
    private const SAMPLE = ['harrow-sock-28', 'harrow-deadbreak-25'];

    /** Ends on which nothing that is measured follows from what was measured before: each part is put where a hand puts it. */
    private const ALL_BY_HAND = ['harrow-skirted-35', 'osterwick-pad-28'];

    /** @return iterable<string, array{string}> */
    public static function sheets(): iterable
    {
        foreach ('all' === getenv('BERM_BUILDS') ? Demo::second() : self::SAMPLE as $sheet) {
            yield $sheet => [$sheet];
        }
    }

    #[Test]
    #[DataProvider('sheets')]
    public function aReadingAtItsLimitBuildsToTheEnd(string $sheet): void
    {
        $asked = 0;
        foreach (self::lengths(Demo::corner($sheet)) as $check => $before) {
            foreach ([false, true] as $isMost) {
                self::assertTrue(self::buildsTowards($before, $check, $isMost), $check);
            }
            ++$asked;
        }
        self::assertGreaterThan(3, $asked);
    }

    #[Test]
    #[DataProvider('sheets')]
    public function aReadingThatCannotBeIsNeverAccepted(string $sheet): void
    {
        $refused = 0;
        foreach (self::lengths(Demo::corner($sheet)) as $check => $before) {
            foreach ([false, true] as $isMost) {
                $read = null;
                try {
                    $before->otherwise(static function (Mark|Task $one) use ($check, $isMost, &$read): ?Length {
                        return self::is($one, $check) ? $read = self::impossible($one, $isMost) : null;
                    });
                } catch (\LogicException $out) {
                    self::assertStringContainsString('this cannot be', $out->getMessage(), $check);
                    ++$refused;
                    continue;
                }
                self::assertNull($read, "$check is accepted");
            }
        }
        if (\in_array($sheet, self::ALL_BY_HAND, true)) {
            self::assertSame(0, $refused);
        } else {
            self::assertGreaterThanOrEqual(2, $refused, 'some readings leave no room for others');
        }
    }

    /** @return iterable<string, Built> each length that is asked for, and the build before the first such is read */
    private static function lengths(Job $job): iterable
    {
        $known = [];
        foreach (Built::stepByStep($job) as $task => $built) {
            $key = "{$task->stage->key} {$task->check?->key}";
            if (null !== $task->window && !isset($known[$key])) {
                $known[$key] = true;
                yield $key => $built;
            }
        }
    }

    /**
     * At its limit; where that alone breaks a rule, such as that both laps are alike, or leaves it unlikely to hold once a tube has shrunk,
     * half as far from what is planned, or half of that. Where it stops, there must be a rule that says so.
     */
    private static function buildsTowards(Built $before, string $check, bool $isMost): bool
    {
        foreach ([1.0, 0.5, 0.25, 0.125] as $share) {
            [$plan, $alarm] = $before->triedWith(static fn (Mark|Task $one): ?Length => self::is($one, $check)
                ? self::limit($one, $isMost, $share)
                : null);
            if (null === $alarm) {
                return null === $plan->progress?->next();
            }
            $broken = array_filter($plan->rulings, static fn (Ruling $one): bool => $one->isBinding && $one->margin->likely->isNegative());
            self::assertNotSame([], $broken, "$check: $alarm");
        }

        return false;
    }

    /** @phpstan-assert-if-true Task $one */
    private static function is(Mark|Task $one, string $check): bool
    {
        return $one instanceof Task && $check === "{$one->stage->key} {$one->check?->key}";
    }

    /**
     * Of the leaflet, or so far from what is planned towards it, as the cuts and the other readings let it come there; null where there
     * is none.
     */
    private static function limit(Task $task, bool $isMost, float $share): ?Length
    {
        $limit = $isMost ? $task->window?->max : $task->window?->min;
        $planned = $task->possible?->planned->nominal;
        if (null !== $limit && null !== $planned && $share < 1.0) {
            $limit = Length::ofNanometres($planned->nanometres + (int) ($share * ($limit->nanometres - $planned->nanometres)));
        }
        $range = $task->possible?->range();
        if (null !== $limit && null !== $range?->min && null !== $range->max && !$task->possible->isOfHand()) {
            $limit = Length::smallest(Length::largest($limit, $range->min), $range->max);
        }

        return true === $limit?->isNegative() ? null : $limit;
    }

    /** Past what can be by more than the instrument can be wrong by; null where a hand still decides. */
    private static function impossible(Task $task, bool $isMost): ?Length
    {
        $range = true === $task->possible?->isOfHand() ? null : $task->possible?->range();
        $past = $isMost ? $range?->max?->plus(Length::ofMillimetres(1)) : $range?->min?->minus(Length::ofMillimetres(1));

        return true === $past?->isNegative() ? null : $past;
    }
}
