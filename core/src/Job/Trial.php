<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitFit;

/** What a kit size and a connector that could be chosen for a job would come to: planned whole, with nothing done yet. */
final readonly class Trial
{
    private function __construct(
        public FitReport $kit,
        /** Null while there is no connector. */
        public ?FitReport $connector,
        /** Of both together on these cables. */
        public FitReport $plan,
    ) {
    }

    /** Of the connector in this kit on these cables. */
    public function together(): FitReport
    {
        return match (true) {
            null === $this->connector => $this->plan,
            $this->connector->outcome()->lets() => $this->connector->and($this->plan),
            default => $this->connector,
        };
    }

    /** @param Job $job with a kit size */
    public static function of(Job $job): self
    {
        $sheet = Assembled::of($job)->sheet;
        if (null === $sheet || null === $job->size) {
            throw new \LogicException('a size is tried');
        }
        $cables = array_values($job->cables);
        $kit = KitFit::judge($job->function, $cables, $job->site, $sheet, $job->size);
        $connector = null === $job->connector
            ? null
            : ConnectorFit::judge($job->function, $cables, $job->connector, $sheet, $job->size);
        $lets = $kit->outcome()->lets() && true === $connector?->outcome()->lets();
        $build = BuildState::nothingDone();
        $layout = $lets ? Layout::withoutWork($job, $sheet, $build) : Layout::none();

        return new self($kit, $connector, PlanFit::judge($job, $sheet, $build, $kit, $connector, $layout));
    }
}
