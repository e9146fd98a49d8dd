<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Saying\Sentence;

/** Nothing fits while an end has no cable. */
final class EndsFit
{
    /**
     * @param list<CableEnd> $cables
     *
     * @return list<Finding> nothing where each end has its cable
     */
    public static function judge(AccessoryFunction $wanted, array $cables): array
    {
        $chosen = array_map(static fn (CableEnd $cable): End => $cable->end, $cables);
        $open = array_values(array_filter($wanted->ends(), static fn (End $end): bool => !\in_array($end, $chosen, true)));
        $says = static fn (End $end): Finding => Finding::undecided(
            Criterion::CableChosen, $end, Sentence::plain('No cable is chosen for this end yet.'),
        );

        return array_map($says, $open);
    }
}
