<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

use Berm\Core\Cable\LayerKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** The one more look or measurement that would separate the two best best. */
final readonly class NextLook
{
    /** Reading once more with a caliper. */
    private const UNCERTAINTY = 50_000;
    /** Below this many standard deviations a measurement tells nothing. */
    private const LEAST_POWER = 1.5;

    private function __construct(/** Null: look, do not measure. */ public ?LayerKind $kind, public Sentence $advice)
    {
    }

    public static function between(Catalogue $catalogue, Evidence $evidence, Candidate $first, Candidate $second): self
    {
        if ($first->isPossible() && !$second->isPossible()) {
            return new self(
                null,
                Sentence::of(
                    'Nothing else in the library agrees with all that was found: it is {first}, or a cable that the library does not have.',
                    self::names($first, $second),
                ),
            );
        }
        foreach (Sight::cases() as $sight) {
            if (!$sight->wasLookedAt($evidence->seen) && $sight->tellsApart(
                $catalogue->features($first->place), $catalogue->features($second->place),
            )) {
                return new self(null, Sentence::of($sight->question().' It tells {first} from {second}.', self::names($first, $second)));
            }
        }
        [$best, $power] = [null, self::LEAST_POWER];
        foreach (LayerKind::cases() as $kind) {
            $expected = $evidence->has($kind) ? null : self::expected($catalogue, $evidence, $kind, $first->place, $second->place);
            if (null !== $expected && $expected[2] > $power) {
                [$best, $power] = [[$kind, $expected], $expected[2]];
            }
        }

        return null === $best
            ? new self(
                null,
                Sentence::of(
                    'No further layer tells {first} from {second}: read the marking on the sheath, or measure again with something finer.',
                    self::names($first, $second),
                ),
            )
            : new self(
                $best[0],
                Sentence::of(
                    "Measure over the [{$best[0]->label()}]: about {one:fine} speaks for {first}, about {other:fine} for {second}.",
                    [...self::names($first, $second), 'one' => $best[1][0], 'other' => $best[1][1]],
                ),
            );
    }

    /** @return array<string, string> */
    private static function names(Candidate $first, Candidate $second): array
    {
        return ['first' => $first->designation, 'second' => $second->designation];
    }

    /** @return array{Length, Length, float}|null what each would read, and how many standard deviations lie between */
    private static function expected(Catalogue $catalogue, Evidence $evidence, LayerKind $kind, int $first, int $second): ?array
    {
        $anchor = self::nearestBeneath($evidence, $kind);
        [$one, $sigmaOne] = self::reading($catalogue, $kind, $anchor, $first) ?? [null, 0.0];
        [$other, $sigmaOther] = self::reading($catalogue, $kind, $anchor, $second) ?? [null, 0.0];
        if (null === $one || null === $other) {
            return null;
        }

        return [
            Length::ofNanometres($one),
            Length::ofNanometres($other),
            abs($one - $other) / sqrt($sigmaOne ** 2 + $sigmaOther ** 2 + self::UNCERTAINTY ** 2),
        ];
    }

    private static function nearestBeneath(Evidence $evidence, LayerKind $kind): ?Step
    {
        $nearest = null;
        foreach ($evidence->steps as $step) {
            $nearest = $step->kind->depth() < $kind->depth() ? $step : $nearest;
        }

        return $nearest;
    }

    /** @return array{int, float}|null the diameter to expect, and its standard deviation */
    private static function reading(Catalogue $catalogue, LayerKind $kind, ?Step $anchor, int $i): ?array
    {
        $nominal = $catalogue->nominal[$kind->value][$i];
        $under = null === $anchor ? 0 : $catalogue->nominal[$anchor->kind->value][$i];
        if (0 === $nominal || null !== $anchor && 0 === $under) {
            return null;
        }
        $width = $catalogue->greatest[$kind->value][$i] - $catalogue->least[$kind->value][$i];
        $width -= null === $anchor ? 0 : $catalogue->greatest[$anchor->kind->value][$i] - $catalogue->least[$anchor->kind->value][$i];

        return [($anchor->over ?? 0) + $nominal - $under, abs($width) / 4];
    }
}
