<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\CoreError;
use Berm\Core\Kit\Item;
use Berm\Core\Margin\Locus;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Place\Place;
use Berm\Core\Profile\Profile;
use Berm\Core\Profile\ProfileBuilder;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Verdict;

/** The accessory along its axis, on one of its cores: where everything lies, how thick it is, and what the rules come to. */
final readonly class Section
{
    /**
     * @param list<Interval>   $layers
     * @param list<PlacedItem> $items   in the order in which they are set
     * @param list<CutPoint>   $cuts
     * @param list<Ruling>     $rulings
     */
    private function __construct(
        /** From 1. */
        public int $core,
        public array $layers,
        public Interval $connector,
        public array $items,
        public array $cuts,
        public Profile $profile,
        public array $rulings,
    ) {
    }

    /** @throws CoreError when a place cannot be worked out */
    public static function of(Assembly $assembly, MarkOut $markOut, BuildState $build, Places $places): self
    {
        $placed = self::inOrder($assembly, $places);
        $profile = ProfileBuilder::build($places, $placed);
        $layers = array_merge(...array_map(
            static fn (CableEnd $cable): array => self::layers($cable, $places, $markOut, $build, $placed), $assembly->cables,
        ));
        $cuts = array_merge(...array_map(
            static fn (CableEnd $cable): array => self::cuts($cable, $places, $markOut, $build), $assembly->cables,
        ));

        return new self(
            $places->core, $layers, self::connector($assembly, $places, $build), $placed, $cuts, $profile,
            Rulings::of($places, $placed, $profile),
        );
    }

    /**
     * What the rules about lengths come to, where nothing else of a section is wanted.
     *
     * @return list<Ruling>
     *
     * @throws CoreError when a place cannot be worked out
     */
    public static function lengthsOf(Assembly $assembly, Places $places): array
    {
        return Rulings::ofLengths($places, self::inOrder($assembly, $places));
    }

    /** The same on another core, where nothing was measured otherwise. */
    public function onCore(int $core): self
    {
        if ($core === $this->core) {
            return $this;
        }
        $rulings = array_map(static fn (Ruling $ruling): Ruling => $ruling->onCore($core), $this->rulings);
        $cuts = array_map(static fn (CutPoint $cut): CutPoint => $cut->onCore($core), $this->cuts);

        return new self($core, $this->layers, $this->connector, $this->items, $cuts, $this->profile, $rulings);
    }

    /** Whether everything lies on this core as on another: it is the same that was worked out once for both. */
    public function liesAs(self $other): bool
    {
        return $this->items === $other->items && $this->layers === $other->layers;
    }

    /** Whether two items lie over each other anywhere, nominally. */
    public function meet(string $one, string $other): bool
    {
        $lie = fn (string $key): array => array_filter($this->items, static fn (PlacedItem $placed): bool => $placed->item->key === $key);
        foreach ($lie($one) as $here) {
            foreach ($lie($other) as $there) {
                if (!$here->lapOn($there->from, $there->to)->nominal->isNegative()) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<PlacedItem> in the order in which they are set */
    private static function inOrder(Assembly $assembly, Places $places): array
    {
        $items = array_values($assembly->sheet->items);
        $sequence = $assembly->sheet->sequence;
        usort($items, static fn (Item $one, Item $other): int => $sequence->set($one) <=> $sequence->set($other));

        return array_merge([], ...array_map($places->placed(...), $items));
    }

    /**
     * @param list<PlacedItem> $placed
     *
     * @return list<Interval>
     */
    private static function layers(CableEnd $cable, Places $places, MarkOut $markOut, BuildState $build, array $placed): array
    {
        $outer = self::outermost($cable, $places, $placed);
        $intervals = [];
        foreach ([...$places->cuts($cable->end), null] as $cut) {
            $layer = null === $cut ? LayerKind::Conductor : $cut->layer();
            $from = null === $cut ? Length::ofNanometres(0) : $places->cut($cable->end, $cut)->nominal;
            $frame = $places->frame($cable->end);
            [$low, $high] = array_map(static fn (Locus $locus): Length => $locus->nominal, $frame->stretch(
                Locus::exact($from), Locus::exact($outer),
            ));
            $standing = self::standing($places, $markOut, $build, $cable, $cut ?? Cut::Insulation);
            $radius = self::half($cable->knownDiameterOver($layer));
            $intervals[] = new Interval(Place::layer($layer), $layer->label(), $cable->end, $low, $high, $radius, $standing);
            $outer = $from;
        }

        return $intervals;
    }

    private static function standing(Places $places, MarkOut $markOut, BuildState $build, CableEnd $cable, Cut $cut): Standing
    {
        $mark = $markOut->mark($cable->end, $cut, $places->core) ?? throw new \LogicException('only cuts of the mark-out are asked for');
        $judgement = $build->judgementOf($mark);

        return match (true) {
            null === $judgement => Standing::Planned,
            Verdict::Out === $judgement->verdict => Standing::Out,
            default => Standing::Done,
        };
    }

    /**
     * How much of the cable is shown: a hand's breadth past its oversheath cut, and past every item.
     *
     * @param list<PlacedItem> $placed
     */
    private static function outermost(CableEnd $cable, Places $places, array $placed): Length
    {
        $outer = $places->cut($cable->end, Cut::Oversheath)->nominal->plus(Length::ofMillimetres(60));
        foreach ($placed as $one) {
            $isHere = null === $one->end || $one->end === $cable->end;
            $far = $places->frame($cable->end)->edges($one->from, $one->to)[1]->nominal->plus(Length::ofMillimetres(30));
            $outer = $isHere ? Length::largest($outer, $far) : $outer;
        }

        return $outer;
    }

    private static function connector(Assembly $assembly, Places $places, BuildState $build): Interval
    {
        [$from, $to] = $places->connector();
        $kind = $assembly->connector->kind->label();
        $standing = null === $build->connector ? Standing::Planned : Standing::Done;

        return new Interval(
            Place::connector(), $kind, null, $from->nominal, $to->nominal, self::half($assembly->connector->diameter), $standing,
        );
    }

    /** @return list<CutPoint> */
    private static function cuts(CableEnd $cable, Places $places, MarkOut $markOut, BuildState $build): array
    {
        $end = $cable->end;

        return array_map(static function (Cut $cut) use ($cable, $end, $places, $markOut, $build): CutPoint {
            $at = $places->cut($end, $cut);

            return new CutPoint(
                $places->place($end, $cut), $places->frame($end)->onAxis($at)->nominal, $at->nominal,
                self::standing($places, $markOut, $build, $cable, $cut),
            );
        }, $places->cuts($end));
    }

    private static function half(Length $diameter): Length
    {
        return $diameter->dividedBy(2, Rounding::Nearest);
    }
}
