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
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkOutImpossible;

/** What checks are worked out with, and what a length that is measured can come to, as things stand at its own step. */
final class Measuring
{
    private readonly Finds $finds;

    private ?MarkOut $markOut = null;

    /** @var list<Ruling>|null */
    private ?array $rulings = null;

    /** @var \WeakMap<Measure, array<string, Possible>> as planned, by end and moment: alike on every core */
    private readonly \WeakMap $unmeasured;

    /** @var array<int, Places> before and after the connector is fixed */
    private array $planned = [];

    /** @var array<int, Section> by core */
    private array $sections = [];

    private readonly Causes $causes;

    private readonly bool $isMeasured;

    /** @var array<string, Places> as places */
    private array $unfound = [];

    /** @var array<string, Places> by core, before and after the connector is fixed */
    private array $places = [];

    public function __construct(private readonly Assembly $assembly, private readonly BuildState $build)
    {
        $this->causes = new Causes($assembly);
        $this->finds = Finds::of($assembly->sheet, $build);
        $this->isMeasured = $build->hasCuts() || !$this->finds->isEmpty();
        $this->unmeasured = new \WeakMap();
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
        return $this->finds->isEmpty() && !($this->isMeasured && $this->assembly->sheet->laysMarksFromCores());
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

    private function found(int $core, bool $isFixed): Places
    {
        return $this->finds->isEmpty() ? $this->unfound($core, $isFixed) : $this->places[$core.($isFixed ? ' fixed' : '')] ??= new Places(
            $this->assembly, $this->build, $core, $isFixed, $this->finds, $this->causes, $this->unfound($core, $isFixed),
        );
    }

    /** By the cuts that were measured, and nothing else. */
    private function unfound(int $core, bool $isFixed): Places
    {
        return $this->unfound[$core.($isFixed ? ' fixed' : '')] ??= new Places(
            $this->assembly, $this->build, $core, $isFixed, null, $this->causes,
        );
    }

    /**
     * A length by all that is known but its own reading: whatever lies outside it contradicts the plan or the other readings.
     *
     * @throws CoreError
     */
    public function possible(CheckPlace $place, Measure $measure, bool $isFixed): Possible
    {
        $planned = $this->asPlanned($place, $measure, $isFixed);
        if (!$this->isMeasured) {
            return $planned;
        }
        $core = $place->where->core ?? 1;
        $places = $this->finds->has($place) ? new Places(
            $this->assembly, $this->build, $core, $isFixed, $this->finds->without($place), $this->causes, $this->unfound($core, $isFixed),
        ) : $this->found($core, $isFixed);

        return new Possible($this->length($place, $measure, $places), $planned->planned, $planned->keepsRules, $planned->more);
    }

    private function asPlanned(CheckPlace $place, Measure $measure, bool $isFixed): Possible
    {
        $known = $this->unmeasured[$measure] ?? [];
        $key = ($place->where->end->value ?? '').($isFixed ? ' fixed' : '');
        if (!isset($known[$key])) {
            $length = $this->length($place, $measure, $this->planned($isFixed));
            $more = $this->more($place, $measure, $this->planned($isFixed))?->nominal;
            $known[$key] = new Possible($length, $length, RuleWindow::of($length, $this->rulings()), $more);
            $this->unmeasured[$measure] = $known;
        }

        return $known[$key];
    }

    /** Nothing being measured: alike on every core. */
    private function planned(bool $isFixed): Places
    {
        return $this->planned[(int) $isFixed] ??= new Places(
            $this->assembly, BuildState::nothingDone(), 1, $isFixed, null, $this->causes,
        );
    }

    /**
     * Of the section of the first core where nothing was measured; else worked out for the rules about lengths alone.
     *
     * @return list<Ruling> as planned
     */
    private function rulings(): array
    {
        return $this->rulings ??= $this->isMeasured ? Section::lengthsOf($this->assembly, $this->planned(true)) : $this->section(1)
            ->rulings;
    }

    /** @throws CoreError */
    public function section(int $core): Section
    {
        return $this->sections[$core] ??= Section::of($this->assembly, $this->markOut(), $this->build, $this->places($core));
    }

    /** As it measures at its check: what is not set yet is as long as it was supplied. @throws CoreError */
    private function length(CheckPlace $place, Measure $measure, Places $places): Locus
    {
        [$one, $other] = $this->cables($place, $measure);
        $from = $places->frame($one->end)->onAxis($places->evaluate($measure->from, $one));
        $to = $places->frame($other->end)->onAxis($places->evaluate($measure->to, $other));
        $distance = $to->minus($from);

        $more = $this->more($place, $measure, $places);
        $distance = $distance->nominal->isNegative() ? $distance->negated() : $distance;

        return null === $more ? $distance : $distance->plus($more);
    }

    /** @throws CoreError */
    private function more(CheckPlace $place, Measure $measure, Places $places): ?Locus
    {
        [$one, $other] = $this->cables($place, $measure);

        return (new Placed($places))->more($place, $measure, $one->end, $other->end);
    }

    /** @return array{CableEnd, CableEnd} on which a length begins, and ends */
    private function cables(CheckPlace $place, Measure $measure): array
    {
        $one = $this->assembly->cable($place->where->end ?? $measure->end);

        return [$one, $measure->isAcross ? $this->otherThan($one) : $one];
    }

    /** What was measured between places on a core: alike for cores whose sections are alike. */
    public function foundOn(int $core): string
    {
        return $this->finds->isEmpty() ? '' : serialize(array_map(
            static fn (Find $find): array => [
                $find->place->stage, $find->place->check, $find->reading->value->nanometres,
            ], $this->finds->onCore($core),
        ));
    }

    private function otherThan(CableEnd $cable): CableEnd
    {
        foreach ($this->assembly->cables as $one) {
            if ($one->end !== $cable->end) {
                return $one;
            }
        }

        return $cable;
    }
}
