<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Where;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measure;
use Berm\Core\Check\Possible;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Margin\Locus;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkOutImpossible;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Reading;

/** What checks are worked out with, and what a length that is measured can come to, as things stand at its own step. */
final class Measuring
{
    private readonly Finds $finds;

    private ?MarkOut $markOut = null;

    /** @var array<int, string> by core */
    private array $cuts = [];

    public readonly Assembly $assembly;

    private readonly bool $isMeasured;

    /** @var array<string, Places> as places */
    private array $unfound = [];

    /** @var array<string, Places> by core, before and after the connector is fixed */
    private array $places = [];

    public function __construct(private readonly Unmeasured $unmeasured, private readonly BuildState $build)
    {
        $this->assembly = $unmeasured->assembly;
        $this->finds = Finds::of($this->assembly->sheet, $build);
        $this->isMeasured = $build->hasCuts() || !$this->finds->isEmpty();
    }

    /** @throws MarkOutImpossible with the reason */
    public function markOut(): MarkOut
    {
        return $this->markOut ??= MarkOut::plan(
            $this->assembly, fn (int $core): Places => $this->places($this->isAlikeOnCores() ? 1 : $core),
        );
    }

    /** Marks are the same on every core where nothing was found there, and none is laid from an edge that each core has for itself. */
    private function isAlikeOnCores(): bool
    {
        return $this->finds->isEmpty() && [] === $this->build->moves() && !$this->build->hasUnequalCores()
            && !($this->isMeasured && $this->assembly->sheet->laysMarksFromCores());
    }

    public function values(Where $where): Values
    {
        return $this->places($where->core ?? 1)->values($this->assembly->cable($where->end));
    }

    /** Where everything is on a core, all that was measured taken into account. */
    public function places(int $core): Places
    {
        return $this->found($core, true);
    }

    /** Where everything was to be, nothing being measured. */
    public function asPlanned(): Places
    {
        return $this->unmeasured->places(true);
    }

    private function found(int $core, bool $isFixed): Places
    {
        return $this->finds->isEmpty() ? $this->unfound($core, $isFixed) : $this->places[$core.($isFixed ? ' fixed' : '')] ??= new Places(
            $this->assembly, $this->build, $core, $isFixed, $this->finds, $this->unmeasured->causes, $this->unfound($core, $isFixed),
        );
    }

    /** By the cuts that were measured, and nothing else. */
    private function unfound(int $core, bool $isFixed): Places
    {
        return $this->unfound[$core.($isFixed ? ' fixed' : '')] ??= new Places(
            $this->assembly, $this->build, $core, $isFixed, null, $this->unmeasured->causes,
        );
    }

    /**
     * A length by all that is known but its own reading: whatever lies outside it contradicts the plan or the other readings.
     *
     * @throws CoreError
     */
    public function possible(CheckPlace $place, Measure $measure, bool $isFixed): Possible
    {
        $planned = $this->unmeasured->possible($place, $measure, $isFixed);
        if (!$this->isMeasured) {
            return $planned;
        }
        $core = $place->where->core ?? 1;
        $others = $this->finds->without($place);
        $from = serialize([$place->path(), $isFixed, $this->cutsOn($core), $others->onCoreAsText($core)]);

        return $this->unmeasured->measured->of($from, function () use ($place, $measure, $isFixed, $core, $others, $planned): Possible {
            $places = $this->finds->has($place) ? new Places(
                $this->assembly, $this->build, $core, $isFixed, $others, $this->unmeasured->causes, $this->unfound($core, $isFixed),
            ) : $this->found($core, $isFixed);
            $length = MeasuredLength::on($places, $place, $measure)->length();

            return new Possible($length, $this->planned($planned, $place, $measure, $isFixed), $planned->keepsRules, $planned->more);
        });
    }

    /** A length as it is planned: where a mark was moved, by that too. @throws CoreError */
    private function planned(Possible $planned, CheckPlace $place, Measure $measure, bool $isFixed): Locus
    {
        $moves = $this->build->moves();

        return [] === $moves ? $planned->planned : MeasuredLength::on(new Places(
            $this->assembly, BuildState::fold($moves), $place->where->core ?? 1, $isFixed, null, $this->unmeasured->causes,
        ), $place, $measure)->length();
    }

    /** The same for cores on which the same was measured. @throws CoreError */
    public function section(int $core): Section
    {
        $from = serialize([
            $this->cutsOn($core), $this->finds->onCoreAsText($core), null === $this->build->connector,
            self::windows($this->markOut(), $core),
        ]);

        return $this->unmeasured->sections->of(
            $from, fn (): Section => Section::of($this->assembly, $this->markOut(), $this->build, $this->places($core)),
        )->onCore($core);
    }

    /** @return list<array{int, int}> between which limits the cuts of a core are to lie, in nanometres */
    private static function windows(MarkOut $markOut, int $core): array
    {
        $windows = [];
        foreach ($markOut->all() as $mark) {
            if (null === $mark->place->core || $mark->place->core === $core) {
                $windows[] = [$mark->at->minus($mark->tolerance->below)->nanometres, $mark->at->plus($mark->tolerance->above)->nanometres];
            }
        }

        return $windows;
    }

    /** What was read of the cuts of a core, and of those that it shares with the others. */
    private function cutsOn(int $core): string
    {
        return $this->cuts[$core] ??= serialize(array_map(fn (CableEnd $cable): array => array_map(
            fn (Cut $cut): array => [
                ...$this->readOf(MarkPlace::of($cable->end, $cut, $this->assembly->coreOf($cable->end, $cut, $core))),
                Length::sum(...array_map(
                    static fn (Reading $by): Length => $by->value, $this->build->sawnOffAlone($cable->end, $core),
                ))->nanometres,
            ],
            Cut::of($cable->construction->design),
        ), $this->assembly->cables));
    }

    /** @return array{int|null, int|null, int|null} in nanometres, how uncertain, and how far its mark was moved */
    private function readOf(MarkPlace $place): array
    {
        $reading = $this->build->cut($place)?->event->reading;

        return [$reading?->value->nanometres, $reading?->uncertainty()->nanometres, $this->build->movedBy($place)?->nanometres];
    }
}
