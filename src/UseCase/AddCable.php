<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\Completion;
use Berm\Core\Cable\Construction;

/** Keeps a cable type as it was described, with the layers worked out that a standard gives. */
final readonly class AddCable
{
    public function __construct(private CableTypes $cables)
    {
    }

    /** @throws SheetExists */
    public function __invoke(Construction $described, Who $by): Construction
    {
        $cable = Completion::of($described);
        $this->cables->add($cable, $by);

        return $cable;
    }
}
