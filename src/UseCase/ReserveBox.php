<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Stores\Box;
use Psr\Clock\ClockInterface;

/** Sets a box aside for a job, or puts it back. */
final readonly class ReserveBox
{
    public function __construct(private Boxes $boxes, private Jobs $jobs, private ClockInterface $clock)
    {
    }

    /** @param string|null $job null: puts it back @throws BoxNotFound|JobNotFound|BoxRefused */
    public function __invoke(string $id, ?string $job): Box
    {
        if (null !== $job) {
            $this->jobs->get($job);
        }

        return $this->boxes->change($id, function (Box $box) use ($job): Box {
            $refusal = null === $job ? $box->refusalToPutBack() : $box->refusal($this->clock->now(), $job);
            if (null !== $refusal) {
                throw new BoxRefused($refusal);
            }

            return null === $job ? $box->putBack() : $box->reservedFor($job);
        });
    }
}
