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

    /** @param string $id made by the client (UUIDv7): sending it twice makes one job @throws IdTaken when it is another one's */
    public function __invoke(string $id, string $name, AccessoryFunction $function, LengthUnit $unit, Who $by): PlannedJob
    {
        $new = new StoredJob($id, $name, $function, new PlanDraft($unit, [], null, '', null, Site::unknown()), 1, [], $this->clock->now());
        $stored = $this->atomically->run(function () use ($new, $by): StoredJob {
            if ($this->jobs->add($new)) {
                $this->crews->add($new->id, $by);
            }

            return $this->jobs->get($new->id);
        });

        return new PlannedJob($stored, ($this->plan)($stored));
    }
}
