<?php

declare(strict_types=1);

namespace Berm\Core\Profile;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\CoreError;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\Stock;
use Berm\Core\Kit\Winding;
use Berm\Core\Margin\Locus;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Material\Manner;
use Berm\Core\Material\Strip;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Section\PlacedItem;
use Berm\Core\Section\Places;

/** Lays item upon item, in the order in which they are set. @internal use Section::of() */
final class ProfileBuilder
{
    /** Shown and reckoned with past the last cut and past every item, in nanometres. */
    private const BEYOND = 60_000_000;

    /** @var array<int, Layering> by the identity of what is placed: only what is wound differs from place to place */
    private array $layerings = [];

    /** @var array{Turn, Turn, Turn} at rest, at the least, at the most */
    private readonly array $turns;

    /** @param list<PlacedItem> $placed in the order in which they are set */
    private function __construct(private readonly Places $places, private readonly array $placed)
    {
        $this->turns = [Turn::atRest(), Turn::least(), Turn::most()];
    }

    /**
     * @param list<PlacedItem> $placed in the order in which they are set
     *
     * @throws CoreError when a layer that shows has no diameter
     */
    public static function build(Places $places, array $placed): Profile
    {
        $builder = new self($places, $placed);
        if (1 === $places->assembly->cores()) {
            $lane = $builder->lane(static fn (): bool => true, []);

            return new Profile($lane, $lane);
        }
        $core = $builder->lane(static fn (PlacedItem $one): bool => $one->item->isPerCore, []);

        return new Profile($core, $builder->lane(static fn (PlacedItem $one): bool => !$one->item->isPerCore, $core));
    }

    /**
     * @param \Closure(PlacedItem): bool $isIn  does it lie in this lane?
     * @param list<Stretch>              $cores the lane of one core, under that of the cable; empty: this is it
     *
     * @return list<Stretch>
     */
    private function lane(\Closure $isIn, array $cores): array
    {
        $placed = array_values(array_filter($this->placed, $isIn));
        $bare = $this->bare($cores);
        $edges = array_merge(
            [], ...array_map(static fn (Bare $one): array => [$one->from, $one->to], $bare),
            ...array_map(static fn (PlacedItem $one): array => [$one->from->nominal->nanometres, $one->to->nominal->nanometres], $placed),
            ...array_map(static fn (Stretch $one): array => [$one->from, $one->to], $cores),
        );
        $edges = array_values(array_unique($edges));
        sort($edges);
        $stretches = [];
        for ($i = 1; $i < \count($edges); ++$i) {
            $stretch = $this->stretch($edges[$i - 1], $edges[$i], $bare, $cores);
            $stretches = null === $stretch ? $stretches : [...$stretches, $this->coated($stretch, $placed)];
        }

        return $stretches;
    }

    /**
     * @param list<Bare>    $bare
     * @param list<Stretch> $cores
     */
    private function stretch(int $from, int $to, array $bare, array $cores): ?Stretch
    {
        $middle = ($from + $to) / 2;
        $found = null;
        foreach ($bare as $one) {
            $found = $one->from <= $middle && $middle <= $one->to ? $one : $found;
        }
        if (null === $found) {
            return null;
        }
        $under = $found->isOfCores ? Profile::at($middle, $cores) : null;

        return new Stretch($from, $to, $found->place, $found->diameter, $under, []);
    }

    /** @param list<PlacedItem> $placed */
    private function coated(Stretch $stretch, array $placed): Stretch
    {
        [$rest, $least, $most] = $this->turns;
        $over = [$stretch->outside($rest), $stretch->outside($least), $stretch->outside($most)];
        $coats = [];
        foreach ($placed as $one) {
            if ($one->from->nominal->nanometres <= $stretch->from && $stretch->to <= $one->to->nominal->nanometres) {
                $passes = $this->passes($one, $over[0]);
                $layering = null === $passes
                    ? $this->layerings[spl_object_id($one)] ??= $this->layering($one, null)
                    : $this->layering($one, $passes);
                $next = [$layering->outside($over[0], $rest), $layering->outside($over[1], $least), $layering->outside($over[2], $most)];
                $coats[] = new Coat($one, $layering, $passes, $over[0], $next[0], $over[1], $next[1], $over[2], $next[2]);
                $over = $next;
            }
        }

        return $stretch->with($coats);
    }

    /**
     * What shows of the cable and the connector; where two cover a place, the later counts.
     *
     * @param list<Stretch> $cores
     *
     * @return list<Bare>
     */
    private function bare(array $cores): array
    {
        $bare = [];
        foreach ($this->places->assembly->cables as $cable) {
            $bare = [...$bare, ...([] === $cores ? $this->ofCore($cable) : $this->ofCable($cable))];
        }
        [$from, $to] = $this->places->connector();
        $diameter = Dim::of($this->places->causes->connectorDiameter());

        return [...$bare, new Bare($from->nominal->nanometres, $to->nominal->nanometres, Place::connector(), $diameter, [] !== $cores)];
    }

    /**
     * Every layer of an end, or of one of its cores.
     *
     * @return list<Bare>
     */
    private function ofCore(CableEnd $cable): array
    {
        $isWhole = 1 === $this->places->assembly->cores() || 1 === $cable->cores()->value;
        $layers = array_values(array_filter(
            $this->places->cuts($cable->end), static fn (Cut $cut): bool => $isWhole || $cut->isOfCore(),
        ));

        return $this->layers($cable, $layers, LayerKind::Conductor, false);
    }

    /**
     * The cable as a whole: its cores together as far as they stand free, then its own layers.
     *
     * @return list<Bare>
     */
    private function ofCable(CableEnd $cable): array
    {
        $layers = array_values(array_filter($this->places->cuts($cable->end), static fn (Cut $cut): bool => !$cut->isOfCore()));

        return 1 === $cable->cores()->value
            ? $this->layers($cable, [], LayerKind::Conductor, true)
            : $this->layers($cable, $layers, LayerKind::Conductor, true);
    }

    /**
     * @param list<Cut> $cuts      from the outside in
     * @param LayerKind $innermost what shows inside the last cut
     *
     * @return list<Bare>
     */
    private function layers(CableEnd $cable, array $cuts, LayerKind $innermost, bool $isOfCores): array
    {
        $outer = $this->outermost($cable);
        $bare = [];
        foreach ([...$cuts, null] as $cut) {
            $near = null === $cut ? Locus::exact(Length::ofNanometres(0)) : $this->places->cut($cable->end, $cut);
            [$from, $to] = $this->places->frame($cable->end)->stretch($near, Locus::exact($outer));
            $layer = null === $cut ? $innermost : $cut->layer();
            $isBundle = $isOfCores && null === $cut;
            $bare[] = new Bare(
                $from->nominal->nanometres, $to->nominal->nanometres, Place::layer($layer),
                $isBundle ? Dim::exact(0.0) : $this->diameter($cable, $layer), $isBundle,
            );
            $outer = $near->nominal;
        }

        return $bare;
    }

    private function diameter(CableEnd $cable, LayerKind $layer): Dim
    {
        // Nobody knows it: whoever asked for it has said so, and the section shows what is known.
        $known = $this->places->causes->diameter($cable, $layer);

        return null === $known ? Dim::exact($cable->knownDiameterOver($layer)->inMillimetres()) : Dim::of($known);
    }

    private function outermost(CableEnd $cable): Length
    {
        $frame = $this->places->frame($cable->end);
        $outer = $this->places->cut($cable->end, Cut::Oversheath)->nominal;
        foreach ($this->placed as $one) {
            $isHere = null === $one->end || $one->end === $cable->end;
            $outer = $isHere ? Length::largest($outer, $frame->edges($one->from, $one->to)[1]->nominal) : $outer;
        }

        return $outer->plus(Length::ofNanometres(self::BEYOND));
    }

    /** @throws CoreError */
    private function passes(PlacedItem $placed, float $beneath): ?float
    {
        $winding = $placed->item->winding;
        $strip = null === $winding ? null : $this->strip($placed, $winding);
        if (null === $winding || null === $strip) {
            return null;
        }
        if (null === $winding->to) {
            return $winding->passes;
        }
        $to = $this->places->evaluate($winding->to, $this->places->assembly->cable($placed->end))->nominal->inMillimetres();

        return (float) $strip->passesTo($to, $beneath);
    }

    private function layering(PlacedItem $placed, ?float $passes): Layering
    {
        $item = $placed->item;
        $dim = fn (Property $property): ?Dim => $this->dim($placed, $property);
        [$bore, $wall] = [$dim(Property::RecoveredBore), $dim(Property::Wall)];

        return match ($item->nature) {
            Nature::Tube => null === $bore || null === $wall ? Layering::nothing() : Layering::shrunk($bore, $wall),
            Nature::Body, Nature::Pushed => null === $bore || null === $wall ? Layering::nothing() : Layering::stretched($bore, $wall),
            Nature::Moulded => $this->moulded($placed, $item),
            Nature::Laid, Nature::Layer => null === $item->size ? Layering::nothing() : Layering::adding($this->size($placed, $item, 2.0)),
            Nature::Wrap => null === $passes || null === $item->winding ? Layering::nothing() : Layering::adding(
                $this->wound($placed, $item->winding, $passes),
            ),
            Nature::Zone => Layering::nothing(),
        };
    }

    /** As wide as its sheet says, at each place of its length. */
    private function moulded(PlacedItem $placed, Item $item): Layering
    {
        $outside = null === $item->size ? $this->dim($placed, Property::Outside) : $this->size($placed, $item, 1.0);

        return null === $outside ? Layering::nothing() : Layering::shaped($outside);
    }

    private function wound(PlacedItem $placed, Winding $winding, float $passes): Dim
    {
        $strip = $this->strip($placed, $winding);
        $thickness = $this->dim($placed, Property::Thickness);

        return null === $strip || null === $thickness
            ? Dim::exact(0.0)
            : $thickness->times($passes * $strip->perPass() / $strip->thickness);
    }

    /** Null where the leaflet does not say how thick or wide it is. */
    private function strip(PlacedItem $placed, Winding $winding): ?Strip
    {
        $stock = $this->places->assembly->size->stockOf($placed->item);

        return null === $stock ? null : self::stripOf($stock, $winding);
    }

    public static function stripOf(Stock $stock, Winding $winding): ?Strip
    {
        $width = $stock->size(Property::Width)?->value->inMillimetres();
        $thickness = $stock->size(Property::Thickness)?->value->inMillimetres();
        $ratio = $stock->number(Property::Stretch) ?? 1.0;
        if (null === $width || null === $thickness) {
            return null;
        }
        $lap = $stock->size(Property::Lap)?->value->inMillimetres() ?? 0.0;

        return new Strip(
            $width, $thickness, $ratio, $winding->manner, Manner::Roll === $winding->manner ? 0.0 : min(0.9, $lap / ($width * $ratio)),
        );
    }

    private function dim(PlacedItem $placed, Property $property): ?Dim
    {
        $size = $this->places->causes->stock($placed->item, $placed->end, $property);

        return null === $size ? null : Dim::of($size);
    }

    private function size(PlacedItem $placed, Item $item, float $factor): Dim
    {
        \assert(null !== $item->size);

        return Dim::of($this->places->evaluate($item->size, $this->places->assembly->cable($placed->end)))->times($factor);
    }
}
