<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Connector;
use Berm\Core\CoreError;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Coverage;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Site\Site;

/**
 * The accessory along its axis, on one of its cores. A joint's zero is its centre and end A lies below it; a termination's zero is
 * the cable end and the cable lies above it.
 */
final readonly class Section
{
    /**
     * @param list<Interval> $layers
     * @param list<Interval> $parts
     * @param list<Lap>      $laps
     */
    private function __construct(public array $layers, public Interval $connector, public array $parts, public array $laps)
    {
    }

    /**
     * @param non-empty-list<CableEnd> $cables
     * @param int                      $core   from 1
     *
     * @throws CoreError when a placement cannot be worked out
     */
    public static function of(array $cables, KitSheet $sheet, KitSize $size, Connector $connector, Site $site, MarkOut $markOut, BuildState $build, int $core): self
    {
        $function = $sheet->application->function;
        $axis = new Axis($function, $markOut);
        $places = new CutPlaces($markOut, $build, $core);
        $parts = (new Placement($cables, $sheet, $size, $connector, new PlacedValues($cables, $size, $connector, $site, $places), $axis))->parts();
        $layers = array_merge(...array_map(static fn (CableEnd $cable): array => self::layers($cable, $axis, $places, $parts), $cables));
        $between = self::connector($connector, $function, $build);

        return new self($layers, $between, $parts, self::laps($function, $sheet, $axis, $parts, [...$layers, $between, ...$parts], $places));
    }

    /**
     * @param list<Interval> $parts
     *
     * @return list<Interval>
     */
    private static function layers(CableEnd $cable, Axis $axis, CutPlaces $places, array $parts): array
    {
        $cuts = $places->cuts($cable->end);
        $outer = $places->of($cable->end, Cut::Oversheath)->plus(Length::ofMillimetres(60));
        foreach ($parts as $part) {
            $outer = null === $part->end || $part->end === $cable->end ? Length::largest($outer, $axis->reach($cable->end, $part)->plus(Length::ofMillimetres(30))) : $outer;
        }
        $intervals = [];
        foreach ([...$cuts, null] as $cut) {
            $layer = null === $cut ? LayerKind::Conductor : $cut->layer();
            $from = null === $cut ? Length::ofNanometres(0) : $places->of($cable->end, $cut);
            [$low, $high] = $axis->interval($cable->end, $from, $outer);
            $intervals[] = new Interval($layer->value, $layer->label(), $cable->end, $low, $high, self::half($cable->knownDiameterOver($layer)), $places->standing($cable->end, $cut ?? Cut::Insulation));
            $outer = $from;
        }

        return $intervals;
    }

    private static function connector(Connector $connector, AccessoryFunction $function, BuildState $build): Interval
    {
        $half = $connector->length->dividedBy(2, Rounding::Nearest);
        [$from, $to] = AccessoryFunction::Joint === $function
            ? [$half->negated(), $half]
            : [$connector->boreDepth->minus($connector->length), $connector->boreDepth];

        return new Interval(Coverage::CONNECTOR, $connector->kind->label(), null, $from, $to, self::half($connector->diameter), null === $build->connector ? Standing::Planned : Standing::Done);
    }

    /**
     * @param list<Interval> $parts
     * @param list<Interval> $targets
     *
     * @return list<Lap>
     */
    private static function laps(AccessoryFunction $function, KitSheet $sheet, Axis $axis, array $parts, array $targets, CutPlaces $places): array
    {
        $laps = [];
        foreach ($parts as $interval) {
            $part = $sheet->parts[$interval->key];
            foreach ($part->coverage as $coverage) {
                foreach ($targets as $target) {
                    $end = $interval->end ?? $target->end ?? $function->ends()[0];
                    if ($target->key !== $coverage->of || null !== $target->end && $target->end !== $end) {
                        continue;
                    }
                    $judgement = Judgement::of(self::measure($coverage->rule, $axis, $end, $interval, $target), self::uncertainty($places, $end, $coverage->of), $coverage->window);
                    $laps[] = new Lap($part, $end, $coverage, $target->name, $judgement);
                }
            }
        }

        return $laps;
    }

    private static function measure(CoverageRule $rule, Axis $axis, End $end, Interval $part, Interval $target): Length
    {
        return match ($rule) {
            CoverageRule::Laps => $part->lapOn($target),
            CoverageRule::Covers => $part->overhangOf($target),
            CoverageRule::Butts, CoverageRule::Gap => $part->gapTo($target),
            CoverageRule::EndsShortOf => $axis->shortfall($end, $part, $target),
            CoverageRule::CentredOn => $part->offsetFrom($target),
        };
    }

    private static function uncertainty(CutPlaces $places, End $end, string $of): Length
    {
        $cut = Cut::tryFrom($of);

        return null === $cut ? Length::ofNanometres(0) : $places->uncertainty($end, $cut);
    }

    private static function half(Length $diameter): Length
    {
        return $diameter->dividedBy(2, Rounding::Nearest);
    }
}
