<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measure;
use Berm\Core\CoreError;
use Berm\Core\Margin\Locus;

/** What a check measures, on places of a core. @internal */
final readonly class MeasuredLength
{
    private function __construct(
        private Places $places, private CheckPlace $check, private Measure $measure, private CableEnd $one, private CableEnd $other,
    ) {
    }

    /** A length begins on one cable and ends there, or on the other one. */
    public static function on(Places $places, CheckPlace $check, Measure $measure): self
    {
        $one = $places->assembly->cable($check->where->end ?? $measure->end);

        return new self($places, $check, $measure, $one, $measure->isAcross ? $places->assembly->other($one) ?? $one : $one);
    }

    /** As it measures at its check: what is not set yet is as long as it was supplied. @throws CoreError */
    public function length(): Locus
    {
        $from = $this->places->frame($this->one->end)->onAxis($this->places->evaluate($this->measure->from, $this->one));
        $to = $this->places->frame($this->other->end)->onAxis($this->places->evaluate($this->measure->to, $this->other));
        $distance = $to->minus($from);
        $distance = $distance->nominal->isNegative() ? $distance->negated() : $distance;
        $more = $this->more();

        return null === $more ? $distance : $distance->plus($more);
    }

    /** By how much more than once all is set; null where by nothing. @throws CoreError */
    public function more(): ?Locus
    {
        return (new Placed($this->places))->more($this->check, $this->measure, $this->one->end, $this->other->end);
    }
}
