<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Build\BuildState;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Section\Measuring;
use Berm\Core\Section\Unmeasured;

/** What follows from a job alone, whatever was done of it: worked out once for all of its plans, however long its log grows. @internal */
final class Assembled
{
    /** @var \WeakMap<Job, self>|null */
    private static ?\WeakMap $known = null;

    private function __construct(
        /** As it stands for the job. */
        public readonly ?KitSheet $sheet,
        /** What it all lies on; null until all of it has been chosen. */
        private readonly ?Unmeasured $unmeasured,
    ) {
    }

    public static function of(Job $job): self
    {
        /** @var \WeakMap<Job, self> $known whose values must not hold the job: it would never be let go */
        $known = self::$known ??= new \WeakMap();

        return $known[$job] ??= self::assembled($job, $job->applyingSheet());
    }

    private static function assembled(Job $job, ?KitSheet $sheet): self
    {
        [$cables, $connector] = [$job->allCables(), $job->turnedConnector()];

        return new self($sheet, null === $cables || null === $connector || null === $sheet || null === $job->size ? null : new Unmeasured(
            Assembly::of($cables, $sheet, $job->size, $connector, $job->site, $job->said),
        ));
    }

    public function assembly(): ?Assembly
    {
        return $this->unmeasured?->assembly;
    }

    /** Null until all has been chosen. */
    public function measuring(BuildState $build): ?Measuring
    {
        return null === $this->unmeasured ? null : new Measuring($this->unmeasured, $build);
    }
}
