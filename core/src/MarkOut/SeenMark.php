<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\End;
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
        return self::ofPlace($markOut, $build, $mark->place->end, $mark->place->core, $mark->at, $mark->window());
    }

    /** @return non-empty-list<self> of any place on an end, from each datum */
    public static function ofPlace(MarkOut $markOut, BuildState $build, End $end, ?int $core, Length $at, Range $window): array
    {
        $oversheath = $markOut->mark($end, Cut::Oversheath, $core);
        $cutAt = (null === $oversheath ? null : $build->cut($oversheath->place)?->event->reading->value) ?? $oversheath->at ?? $at;
        // What all cores share lies nearer to the end of one that was cut back alone.
        $isShared = null !== $core && null !== $oversheath && null === $oversheath->place->core;
        foreach ($isShared ? $build->sawnOffAlone($end, $core) : [] as $sawn) {
            $cutAt = $cutAt->minus($sawn->value);
        }

        return array_map(static fn (Datum $datum): self => new self(
            $datum, $markOut->from($datum, $end, $at, $cutAt), $markOut->windowFrom($datum, $end, $window, $cutAt),
        ), $markOut->datums());
    }

    public function set(LengthUnit $unit): SetMark
    {
        return SetMark::of($this->at, $this->window, $unit);
    }
}
