<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measure;
use Berm\Core\Check\Possible;
use Berm\Core\CoreError;

/**
 * An assembly on which nothing was measured, alike on every core: it follows from the assembly alone, and one serves all plans of a job.
 * It remembers what followed from what was measured on it last.
 *
 * @internal
 */
final class Unmeasured
{
    public readonly Causes $causes;

    /** @var Remembered<Section> of a core, once something was measured */
    public readonly Remembered $sections;

    /** @var Remembered<Possible> of a length, once something was measured */
    public readonly Remembered $measured;

    /** @var array<int, Places> before and after the connector is fixed */
    private array $places = [];

    /** @var list<Ruling>|null */
    private ?array $rulings = null;

    /** @var \WeakMap<Measure, array<string, Possible>> by end and moment */
    private readonly \WeakMap $possible;

    public function __construct(public readonly Assembly $assembly)
    {
        $this->causes = new Causes($assembly);
        $this->sections = new Remembered(12);
        $this->measured = new Remembered(400);
        $this->possible = new \WeakMap();
    }

    public function places(bool $isFixed): Places
    {
        return $this->places[(int) $isFixed] ??= new Places(
            $this->assembly, BuildState::nothingDone(), 1, $isFixed, null, $this->causes,
        );
    }

    /** What a length that is measured can come to. @throws CoreError */
    public function possible(CheckPlace $place, Measure $measure, bool $isFixed): Possible
    {
        $known = $this->possible[$measure] ?? [];
        $key = ($place->where->end->value ?? '').($isFixed ? ' fixed' : '');
        if (!isset($known[$key])) {
            $measured = MeasuredLength::on($this->places($isFixed), $place, $measure);
            $length = $measured->length();
            $known[$key] = new Possible($length, $length, RuleWindow::of($length, $this->rulings()), $measured->more()?->nominal);
            $this->possible[$measure] = $known;
        }

        return $known[$key];
    }

    /** @return list<Ruling> of the rules about lengths alone @throws CoreError */
    private function rulings(): array
    {
        return $this->rulings ??= Section::lengthsOf($this->assembly, $this->places(true));
    }
}
