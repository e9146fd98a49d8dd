<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\CoreError;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\MissingValue;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Feature;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Property;
use Berm\Core\Kit\Side;
use Berm\Core\Kit\StripCase;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\CauseKind;
use Berm\Core\Margin\Locus;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOutImpossible;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;

/**
 * Where the cuts and the items of one core are, each worked out when it is asked for: as measured where it was measured, else as planned.
 *
 * @internal use Section::of() and MarkOut::plan()
 */
final class Places
{
    /** @var array<string, PlannedCut> */
    private array $cuts = [];

    /** @var array<string, list<Cut>> by End value */
    private array $cutsOf = [];

    /** @var array<string, list<PlacedItem>> */
    private array $items = [];

    /** @var array<string, Frame> by End value */
    private array $frames = [];

    /** @var array<string, Locus> by End value */
    private array $mouths = [];

    /** @var array<string, Locus> by End and Cut value */
    private array $cutsAt = [];

    /** @var array{Locus, Locus}|null */
    private ?array $connector = null;

    /** @var array<string, Values> by End value */
    private array $values = [];

    /** @var array<string, \WeakMap<Formula, Locus>> by End value: what was worked out already */
    private array $worked = [];

    public readonly Causes $causes;

    private readonly FoundPlaces $found;

    public function __construct(
        public readonly Assembly $assembly,
        private readonly BuildState $build,
        /** From 1. */
        public readonly int $core,
        /** As it is once the connector is fixed, and has grown; else before. */
        private readonly bool $isFixed = true,
        ?Finds $finds = null,
        ?Causes $causes = null,
        /** The same where nothing was found but the cuts; null: it is made when it is asked for. */
        ?self $unfound = null,
    ) {
        $this->causes = $causes ?? new Causes($assembly);
        $this->found = new FoundPlaces($this, $finds?->onCore($core) ?? [], $unfound);
    }

    /** By the cuts that were measured, and nothing else. */
    public function unfound(): self
    {
        return new self($this->assembly, $this->build, $this->core, $this->isFixed, null, $this->causes);
    }

    public function frame(End $end): Frame
    {
        return $this->frames[$end->value] ??= $this->makeFrame($end);
    }

    private function makeFrame(End $end): Frame
    {
        $isJoint = AccessoryFunction::Joint === $this->assembly->function();
        $found = $isJoint ? $this->found->across($this->isFixed) : null;
        if (null !== $found) {
            return Frame::of($end, $found->times(0.5), End::A === $end);
        }
        $moved = $this->isFixed ? $this->causes->growth($end)
            ->times($this->assembly->connector->specification->seating->share) : Locus::exact(
                Length::ofNanometres(0),
            );
        $away = Locus::exact($isJoint ? $this->halfStop() : Length::ofNanometres(0))->plus($this->causes->short($end))->plus($moved);

        return Frame::of($end, $away, $isJoint && End::A === $end);
    }

    /**
     * Where an edge of an item was found, on the axis; null while nobody has measured it.
     *
     * @param bool $isLower the edge towards end A, or on a termination towards the lug
     */
    public function foundEdge(Item $item, ?End $itemEnd, bool $isLower): ?Locus
    {
        return $this->found->edge($item, $itemEnd, $isLower);
    }

    /** Where the connector begins on the side of an end, from the end of its conductor. */
    public function mouth(End $end): Locus
    {
        return $this->mouths[$end->value] ??= $this->makeMouth($end);
    }

    private function makeMouth(End $end): Locus
    {
        $growth = $this->isFixed ? $this->causes->growth($end) : Locus::exact(Length::ofNanometres(0));
        $isJoint = AccessoryFunction::Joint === $this->assembly->function();
        $away = Locus::exact(
            $this->assembly->connector->barrels->at($end)->depth->plus($isJoint ? $this->halfStop() : Length::ofNanometres(0)),
        );
        $frame = $this->frame($end);
        $onAxis = $away->plus($growth);

        return $frame->fromEnd($isJoint && End::A === $end ? $onAxis->negated() : $onAxis);
    }

    /** @return array{Locus, Locus} both ends of the connector on the axis; of a lug, its barrel */
    public function connector(): array
    {
        return $this->connector ??= $this->makeConnector();
    }

    /** @return array{Locus, Locus} */
    private function makeConnector(): array
    {
        $first = $this->frame(End::A)->onAxis($this->mouth(End::A));
        if (AccessoryFunction::Joint === $this->assembly->function()) {
            return [$first, $this->frame(End::B)->onAxis($this->mouth(End::B))];
        }
        $barrel = $this->assembly->connector;

        return [Locus::exact($barrel->barrels->first->depth->minus($barrel->length)), $first];
    }

    public function has(End $end, Cut $cut): bool
    {
        return $this->assembly->cable($end)->construction->design->has($cut->layer());
    }

    /** @return list<Cut> the cuts of an end, from the outside in */
    public function cuts(End $end): array
    {
        return $this->cutsOf[$end->value] ??= Cut::of($this->assembly->cable($end)->construction->design);
    }

    /** From the end of the conductor; a layer that the cable lacks is where the item ends that stands for it. @throws CoreError */
    public function cut(End $end, Cut $cut): Locus
    {
        return $this->cutsAt["{$end->value} $cut->value"] ??= $this->find($end, $cut);
    }

    /** @throws CoreError */
    private function find(End $end, Cut $cut): Locus
    {
        $standIn = $this->has($end, $cut) ? null : $this->standIn($end, $cut);
        if (null !== $standIn) {
            return $this->edges($standIn, $end)[0];
        }
        $reading = $this->asCut($this->place($end, $cut));

        return null === $reading ? $this->planned($end, $cut)->at : Locus::moved($reading->value, Cause::around(
            CauseKind::Reading, $cut->value, "[{$cut->layer()->label()}]", Where::of($end, null), $reading->uncertainty(),
        ));
    }

    /** From the end of this core: what it shares with the others lies nearer to it where something was sawn off it alone. */
    private function asCut(MarkPlace $place): ?Reading
    {
        $reading = $this->build->cut($place)?->event->reading;
        foreach (null === $place->core ? $this->build->sawnOffAlone($place->end, $this->core) : [] as $sawn) {
            $reading = $reading?->afterSawingOff($sawn);
        }

        return $reading;
    }

    /** How much shorter than the others this core is. */
    public function shorter(End $end): Length
    {
        return Length::sum(Length::ofNanometres(0), ...array_map(
            static fn (Reading $sawn): Length => $sawn->value, $this->build->sawnOffAlone($end, $this->core),
        ));
    }

    public function place(End $end, Cut $cut): MarkPlace
    {
        return MarkPlace::of($end, $cut, $this->assembly->coreOf($end, $cut, $this->core));
    }

    /** The cut as the sheet has it, whatever was measured. @throws MarkOutImpossible|CoreError */
    public function planned(End $end, Cut $cut): PlannedCut
    {
        return $this->cuts["{$end->value} $cut->value"] ??= $this->plan($end, $cut);
    }

    /** @return list<PlacedItem> one, or one for each end, or several in a row @throws CoreError */
    public function placed(Item $item): array
    {
        return $this->items[$item->key] ??= (new Laying($this))->lay($item);
    }

    /** @return array{Locus, Locus} the edges of an item, near and far, as an end sees them @throws CoreError */
    public function edges(Item $item, End $end, ?Feature $feature = null): array
    {
        $all = $this->placed($item);
        $here = array_values(array_filter($all, static fn (PlacedItem $placed): bool => null === $placed->end || $placed->end === $end));
        $first = ($here[0] ?? $all[0])->from;
        $last = ($here[\count($here) - 1] ?? $all[0])->to;
        [$near, $far] = $this->frame($end)->edges($first, $last);
        if (null === $feature) {
            return [$near, $far];
        }
        $cable = $this->assembly->cable($end);
        $length = ['part_length' => $this->length($item, $end)];

        return [
            $near->plus($this->evaluate($feature->from, $cable, $length)), $near->plus($this->evaluate($feature->to, $cable, $length)),
        ];
    }

    /** Of one of its pieces, as it lies. */
    public function length(Item $item, ?End $end): Locus
    {
        return $this->causes->stock($item, Side::EachEnd === $item->side ? $end : null, Property::InstalledLength)
            ?? Locus::exact(Length::ofNanometres(0));
    }

    /**
     * @param array<string, Length|Locus> $more quantities that it may use too
     *
     * @throws CoreError
     */
    public function evaluate(Formula $formula, CableEnd $cable, array $more = []): Locus
    {
        if ([] !== $more) {
            return $this->work($formula, $cable, $more);
        }
        /** @var \WeakMap<Formula, Locus> $worked */
        $worked = $this->worked[$cable->end->value] ?? new \WeakMap();
        $this->worked[$cable->end->value] = $worked;

        return $worked[$formula] ??= $this->work($formula, $cable, []);
    }

    /**
     * @param array<string, Length|Locus> $more
     *
     * @throws CoreError
     */
    private function work(Formula $formula, CableEnd $cable, array $more): Locus
    {
        try {
            return $formula->locus($this->values($cable)->withAll($more));
        } catch (MissingValue $missing) {
            $left = $this->assembly->sheet->leftOut($missing->name);
            throw null === $left ? $missing : CannotBeLaid::fromWhatIsLeftOut($formula, $missing->name, $left);
        }
    }

    /** What formulas are worked out with at one end, places and all. */
    public function values(CableEnd $cable): Values
    {
        return $this->values[$cable->end->value] ??= $this->causes->values($cable)
            ->withPlaces(fn (string $name): ?Locus => $this->named($name, $cable));
    }

    private function halfStop(): Length
    {
        $connector = $this->assembly->connector;

        return $connector->length->minus($connector->barrels->depths())->dividedBy(2, Rounding::Nearest);
    }

    /** A place that is called so; null: it is no place, but a dimension. @throws CoreError */
    private function named(string $name, CableEnd $cable): ?Locus
    {
        $end = $cable->end;
        $edge = $this->assembly->sheet->edges()[$name] ?? null;
        if (null !== $edge) {
            $item = $this->assembly->sheet->items[$edge->item] ?? null;

            return null === $item ? null : $this->edges($item, $end, $edge->feature)[$edge->isFar ? 1 : 0];
        }
        $other = $this->assembly->other($cable)?->end;
        $isOther = str_starts_with($name, 'other_cut_');
        $cut = Cut::ofFormulaName($isOther ? substr($name, 6) : $name);
        if (null !== $cut) {
            $at = $isOther ? $other : $end;

            return null === $at || !$this->knows($at, $cut) ? null : $this->cut($at, $cut);
        }

        return match ($name) {
            'mouth' => $this->mouth($end),
            'joint_centre' => $this->frame($end)->fromEnd($this->middle()),
            default => null,
        };
    }

    private function middle(): Locus
    {
        [$from, $to] = $this->connector();

        return $from->plus($to)->times(0.5);
    }

    private function knows(End $end, Cut $cut): bool
    {
        return $this->has($end, $cut) || null !== $this->standIn($end, $cut);
    }

    private function standIn(End $end, Cut $cut): ?Item
    {
        foreach ($this->assembly->sheet->items as $item) {
            $isHere = $item->side->isOn($end);
            if ($isHere && $item->standsForLayer() && $item->layer === $cut->layer()) {
                return $item;
            }
        }

        return null;
    }

    /** @throws MarkOutImpossible|CoreError */
    private function plan(End $end, Cut $cut): PlannedCut
    {
        $cable = $this->assembly->cable($end);
        $rule = $this->assembly->sheet->rules[$cut->value] ?? throw MarkOutImpossible::noRule($end, $cut);
        $planned = $this->causes->values($cable)->withPlaces(fn (string $name): ?Locus => $this->plannedName($name, $cable));
        $case = $rule->caseFor($planned) ?? throw MarkOutImpossible::noCase($end, $cut);
        $edge = $case->laidFrom?->cut();
        $isCutFirst = true === $edge?->isOutside($cut);
        $values = $planned->withPlaces(fn (string $name): ?Locus => $isCutFirst && Cut::ofFormulaName($name) === $edge
            ? Locus::exact($this->cut($end, $edge)->nominal) : $this->plannedName($name, $cable));
        $cause = Cause::of(
            CauseKind::Cut, $cut->value, "[{$cut->layer()->label()}]", Where::of($end, null), $case->tolerance->below,
            $case->tolerance->above,
        );

        $at = $this->inherited($case, $values, $cable);
        $place = $this->place($end, $cut);
        $moved = $this->build->movedBy($place) ?? Length::ofNanometres(0);
        $nearer = null === $place->core ? $this->shorter($end) : Length::ofNanometres(0);

        return new PlannedCut($case, $at->movedBy($moved->minus($nearer))->with($cause), $values);
    }

    /**
     * Another cut of the same end as it is planned: marks are laid from one datum, so that errors do not add up. Only the edge that a mark
     * is laid from itself counts as it was cut, where it is cut before: the band of armour that has to stay is measured from there.
     *
     * @throws CoreError
     */
    private function plannedName(string $name, CableEnd $cable): ?Locus
    {
        $cut = Cut::ofFormulaName($name);

        return null !== $cut && $this->has($cable->end, $cut)
            ? Locus::exact($this->planned($cable->end, $cut)->at->nominal)
            : $this->named($name, $cable);
    }

    /** Its distance, with what is not exact about the edge that it is laid from and with nothing else. @throws CoreError */
    private function inherited(StripCase $case, Values $values, CableEnd $cable): Locus
    {
        $nominal = $case->distance->length($values);
        $from = $case->laidFrom;
        if (null === $from) {
            return Locus::exact($nominal);
        }
        $edge = $this->edgeOf($from, $cable->end);

        return $edge->movedBy($nominal->minus($edge->nominal));
    }

    /** @throws CoreError */
    private function edgeOf(Place $place, End $end): Locus
    {
        $item = $this->assembly->sheet->items[$place->key] ?? null;
        $cut = $place->cut();

        return match (true) {
            null !== $item => $this->edges($item, $end)[0],
            null !== $cut => $this->cut($end, $cut),
            default => $this->mouth($end),
        };
    }
}
