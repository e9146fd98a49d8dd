<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Site\Site;
use Psr\Clock\ClockInterface;

final readonly class CreateJob
{
    public function __construct(
        private Jobs $jobs, private PlanJob $plan, private Crews $crews, private Atomically $atomically, private ClockInterface $clock,
    ) {
    }

    /** @param string $id made by the client (UUIDv7): sending it twice makes one job */
    public function __invoke(string $id, string $name, AccessoryFunction $function, LengthUnit $unit, Who $by): PlannedJob
    {
        try {
            $stored = $this->jobs->get($id);
        } catch (JobNotFound) {
            $stored = new StoredJob(
                $id, $name, $function, new PlanDraft($unit, [], null, '', null, Site::unknown()), 1, [], $this->clock->now(),
            );
            $this->atomically->run(function () use ($stored, $by): null {
                $this->jobs->add($stored);
                $this->crews->add($stored->id, $by);

                return null;
            });
        }

        return new PlannedJob($stored, ($this->plan)($stored));
    }
}
