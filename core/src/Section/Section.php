<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\CoreError;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/** The accessory along its axis, on one of its cores. */
final readonly class Section
{
    /**
     * @param list<Interval> $layers
     * @param list<Interval> $parts
     * @param list<CutPoint> $cuts
     * @param list<Lap>      $laps
     */
    private function __construct(
        /** From 1. */
        public int $core,
        public array $layers,
        public Interval $connector,
        public array $parts,
        public array $cuts,
        public array $laps,
    ) {
    }

    /**
     * @param int $core from 1
     *
     * @throws CoreError when a placement cannot be worked out
     */
    public static function of(Assembly $assembly, MarkOut $markOut, BuildState $build, int $core): self
    {
        $axis = new Axis($assembly);
        $places = new CutPlaces($markOut, $build, $core);
        $parts = (new Placement($assembly, new PlacedValues($assembly, $places), $axis))->parts();
        $layers = array_merge(...array_map(
            static fn (CableEnd $cable): array => self::layers($cable, $axis, $places, $parts), $assembly->cables,
        ));
        $connector = self::connector($assembly, $build);
        $cuts = array_merge(...array_map(static fn (CableEnd $cable): array => self::cuts($cable, $axis, $places), $assembly->cables));
        $laps = Laps::of($assembly, $axis, $places, $parts, [...$layers, $connector, ...$parts], $core);

        return new self($core, $layers, $connector, $parts, $cuts, $laps);
    }

    /**
     * @param list<Interval> $parts
     *
     * @return list<Interval>
     */
    private static function layers(CableEnd $cable, Axis $axis, CutPlaces $places, array $parts): array
    {
        $cuts = $places->cuts($cable->end);
        $outer = self::outermost($cable, $axis, $places, $parts);
        $intervals = [];
        foreach ([...$cuts, null] as $cut) {
            $layer = null === $cut ? LayerKind::Conductor : $cut->layer();
            $from = null === $cut ? Length::ofNanometres(0) : $places->of($cable->end, $cut);
            [$low, $high] = $axis->interval($cable->end, $from, $outer);
            $standing = $places->standing($cable->end, $cut ?? Cut::Insulation);
            $radius = self::half($cable->knownDiameterOver($layer));
            $intervals[] = new Interval(Place::layer($layer), $layer->label(), $cable->end, $low, $high, $radius, $standing);
            $outer = $from;
        }

        return $intervals;
    }

    /**
     * How much of the cable is shown: a hand's breadth past its oversheath cut, and past every part.
     *
     * @param list<Interval> $parts
     */
    private static function outermost(CableEnd $cable, Axis $axis, CutPlaces $places, array $parts): Length
    {
        $outer = $places->of($cable->end, Cut::Oversheath)->plus(Length::ofMillimetres(60));
        foreach ($parts as $part) {
            $isHere = null === $part->end || $part->end === $cable->end;
            $outer = $isHere ? Length::largest($outer, $axis->reach($cable->end, $part)->plus(Length::ofMillimetres(30))) : $outer;
        }

        return $outer;
    }

    private static function connector(Assembly $assembly, BuildState $build): Interval
    {
        $connector = $assembly->connector;
        $half = $connector->length->dividedBy(2, Rounding::Nearest);
        $depth = $connector->barrels->first->depth;
        [$from, $to] = AccessoryFunction::Joint === $assembly->function()
            ? [$half->negated(), $half]
            : [$depth->minus($connector->length), $depth];
        $standing = null === $build->connector ? Standing::Planned : Standing::Done;

        return new Interval(Place::connector(), $connector->kind->label(), null, $from, $to, self::half($connector->diameter), $standing);
    }

    /** @return list<CutPoint> */
    private static function cuts(CableEnd $cable, Axis $axis, CutPlaces $places): array
    {
        $end = $cable->end;

        return array_map(static fn (Cut $cut): CutPoint => new CutPoint(
            $places->place($end, $cut), $axis->place($end, $places->of($end, $cut)), $places->of($end, $cut), $places->standing($end, $cut),
        ), $places->cuts($end));
    }

    private static function half(Length $diameter): Length
    {
        return $diameter->dividedBy(2, Rounding::Nearest);
    }
}
