<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Connector;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\RuleValues;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;

/**
 * The accessory along its axis. A joint's zero is its centre and end A lies below it; a termination's zero is the cable end
 * and the cable lies above it.
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
     *
     * @throws CoreError when a placement cannot be worked out
     */
    public static function of(array $cables, KitSheet $sheet, KitSize $size, Connector $connector, MarkOut $markOut, BuildState $build): self
    {
        $axis = new Axis($sheet->function, $markOut);
        $places = new CutPlaces($markOut, $build);
        $parts = self::parts($cables[0], $sheet, $size, $connector, $places);
        $layers = array_merge(...array_map(static fn (CableEnd $cable): array => self::layers($cable, $axis, $places, $parts), $cables));

        return new self($layers, self::connector($connector, $sheet->function, $build), $parts, self::laps($sheet, $parts, $layers, $places));
    }

    /**
     * @param list<Interval> $parts
     *
     * @return list<Interval>
     */
    private static function layers(CableEnd $cable, Axis $axis, CutPlaces $places, array $parts): array
    {
        $edges = ['conductor' => Length::ofNanometres(0)];
        foreach (Cut::cases() as $cut) {
            $edges[$cut->value] = $places->of($cable->end, $cut);
        }
        $beyond = $edges['oversheath']->plus(Length::ofMillimetres(60));
        foreach ($parts as $part) {
            $beyond = Length::largest($beyond, $axis->reach($cable->end, $part)->plus(Length::ofMillimetres(30)));
        }
        $intervals = [];
        $outer = $beyond;
        foreach ([...Cut::cases(), null] as $cut) {
            $layer = null === $cut ? LayerKind::Conductor : $cut->layer();
            $from = null === $cut ? $edges['conductor'] : $edges[$cut->value];
            [$low, $high] = $axis->interval($cable->end, $from, $outer);
            $standing = null === $cut ? $places->standing($cable->end, Cut::Insulation) : $places->standing($cable->end, $cut);
            $intervals[] = new Interval($layer->value, $layer->label(), $cable->end, $low, $high, self::half($cable->knownDiameterOver($layer)), $standing);
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

        return new Interval('connector', $connector->kind->label(), null, $from, $to, self::half($connector->diameter), null === $build->connector ? Standing::Planned : Standing::Done);
    }

    /** @return list<Interval> */
    private static function parts(CableEnd $cable, KitSheet $sheet, KitSize $size, Connector $connector, CutPlaces $places): array
    {
        $values = self::withCuts(RuleValues::of($cable, $size, $connector), $cable->end, $places);
        $radius = self::half(Length::largest($cable->knownDiameterOver(LayerKind::Oversheath), $connector->diameter));

        return array_values(array_map(static function (Part $part) use ($values, $size, $radius): Interval {
            $length = $size->parts[$part->key]->length;
            $from = $part->from->length($values->with('part_length', $length));

            return new Interval($part->key, $part->name, null, $from, $from->plus($length), $radius, Standing::Planned);
        }, $sheet->parts));
    }

    private static function withCuts(Values $values, End $end, CutPlaces $places): Values
    {
        foreach (Cut::cases() as $cut) {
            $values = $values->with($cut->formulaName(), $places->of($end, $cut));
        }

        return $values;
    }

    /**
     * @param list<Interval> $parts
     * @param list<Interval> $layers
     *
     * @return list<Lap>
     */
    private static function laps(KitSheet $sheet, array $parts, array $layers, CutPlaces $places): array
    {
        $laps = [];
        foreach ($parts as $part) {
            foreach ($layers as $layer) {
                $least = $sheet->parts[$part->key]->laps[$layer->key] ?? null;
                if (null === $least || null === $layer->end) {
                    continue;
                }
                $kind = LayerKind::from($layer->key);
                $judgement = Judgement::of($part->lapOn($layer), $places->uncertainty($layer->end, Cut::from($layer->key)), Range::atLeast($least));
                $laps[] = new Lap($sheet->parts[$part->key], $layer->end, $kind, $judgement);
            }
        }

        return $laps;
    }

    private static function half(Length $diameter): Length
    {
        return $diameter->dividedBy(2, Rounding::Nearest);
    }
}
