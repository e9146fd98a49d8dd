<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Done;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Verdict;

/** Where each cut is: as measured where it was measured, else where it is planned; from the cable end. */
final readonly class CutPlaces
{
    public function __construct(
        private MarkOut $markOut, private BuildState $build, /** The core that is looked at, from 1. */ private int $core,
    ) {
    }

    /** @return list<Cut> the cuts of an end, from the outside in */
    public function cuts(End $end): array
    {
        return array_map(static fn (Mark $mark): Cut => $mark->place->cut, $this->markOut->marksOf($end, $this->core));
    }

    public function of(End $end, Cut $cut): Length
    {
        return $this->measured($end, $cut)->event->reading->value ?? $this->planned($end, $cut)->at;
    }

    public function uncertainty(End $end, Cut $cut): Length
    {
        return $this->measured($end, $cut)?->event->reading->instrument->uncertainty() ?? Length::ofNanometres(0);
    }

    public function standing(End $end, Cut $cut): Standing
    {
        $judgement = $this->build->judgementOf($this->planned($end, $cut));

        return match (true) {
            null === $judgement => Standing::Planned,
            Verdict::Out === $judgement->verdict => Standing::Out,
            default => Standing::Done,
        };
    }

    public function place(End $end, Cut $cut): MarkPlace
    {
        return $this->planned($end, $cut)->place;
    }

    /** @return Done<CutMeasured>|null */
    private function measured(End $end, Cut $cut): ?Done
    {
        return $this->build->cut($this->place($end, $cut));
    }

    private function planned(End $end, Cut $cut): Mark
    {
        return $this->markOut->mark($end, $cut, $this->core) ?? throw new \LogicException('only cuts of the mark-out are asked for');
    }
}
