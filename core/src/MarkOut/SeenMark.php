<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Build\BuildState;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;

/** A mark as it is laid from one datum. */
final readonly class SeenMark
{
    private function __construct(public Datum $datum, public Length $at, public Range $window)
    {
    }

    /** @return non-empty-list<self> from each datum that the marks can be measured from */
    public static function fromEach(MarkOut $markOut, BuildState $build, Mark $mark): array
    {
        $end = $mark->place->end;
        $oversheath = $markOut->mark($end, Cut::Oversheath, $mark->place->core) ?? $mark;
        $cutAt = $build->cut($oversheath->place)->event->reading->value ?? $oversheath->at;

        return array_map(static fn (Datum $datum): self => new self(
            $datum, $markOut->from($datum, $end, $mark->at, $cutAt), $markOut->windowFrom($datum, $end, $mark->window(), $cutAt),
        ), $markOut->datums());
    }

    public function set(LengthUnit $unit): SetMark
    {
        return SetMark::of($this->at, $this->window, $unit);
    }
}
