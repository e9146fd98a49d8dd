<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Verdict;

/** Where each cut is: as measured where it was measured, else where it is planned; from the cable end. */
final readonly class CutPlaces
{
    public function __construct(private MarkOut $markOut, private BuildState $build)
    {
    }

    public function of(End $end, Cut $cut): Length
    {
        return $this->build->cut($end, $cut)->reading->value ?? $this->planned($end, $cut)->at;
    }

    public function uncertainty(End $end, Cut $cut): Length
    {
        return $this->build->cut($end, $cut)?->reading->instrument->uncertainty() ?? Length::ofNanometres(0);
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

    private function planned(End $end, Cut $cut): Mark
    {
        return $this->markOut->mark($end, $cut) ?? throw new \LogicException('a mark-out has every cut of every end');
    }
}
