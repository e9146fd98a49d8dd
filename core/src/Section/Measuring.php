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

/** What checks are worked out with, and what a length that is measured can come to, as things stand at its own step. */
final class Measuring
{
    private readonly Finds $finds;

    /** @var list<Ruling>|null */
    private ?array $planned = null;

    /** @var array<int, Places> by core */
    private array $places = [];

    public function __construct(private readonly Assembly $assembly, private readonly BuildState $build)
    {
        $this->finds = Finds::of($assembly->sheet, $build);
    }

    public function values(Where $where): Values
    {
        return $this->places($where->core ?? 1)->values($this->assembly->cable($where->end));
    }

    /** Where everything is on a core, all that was measured taken into account. */
    public function places(int $core): Places
    {
        return $this->places[$core] ??= new Places($this->assembly, $this->build, $core, true, $this->finds);
    }

    /**
     * A length by all that is known but its own reading: whatever lies outside it contradicts the plan or the other readings.
     *
     * @throws CoreError
     */
    public function possible(CheckPlace $place, Measure $measure, bool $isFixed): Possible
    {
        $core = $place->where->core ?? 1;
        $length = $this->length($place, $measure, new Places($this->assembly, $this->build, $core, $isFixed, $this->finds->without($place)));
        $planned = $this->length($place, $measure, new Places($this->assembly, BuildState::nothingDone(), $core, $isFixed));

        return new Possible($length, RuleWindow::of($planned, $this->rulings()));
    }

    /** @throws CoreError */
    private function length(CheckPlace $place, Measure $measure, Places $places): Locus
    {
        $one = $this->assembly->cable($place->where->end);
        $other = $measure->isAcross ? $this->otherThan($one) : $one;
        $from = $places->frame($one->end)->onAxis($places->evaluate($measure->from, $one));
        $to = $places->frame($other->end)->onAxis($places->evaluate($measure->to, $other));
        $distance = $to->minus($from);

        return $distance->nominal->isNegative() ? $distance->negated() : $distance;
    }

    /** @return list<Ruling> as planned, nothing being measured */
    private function rulings(): array
    {
        return $this->planned ??= Section::rulingsOf($this->assembly, new Places($this->assembly, BuildState::nothingDone(), 1));
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
