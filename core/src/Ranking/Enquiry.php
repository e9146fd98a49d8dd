<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Assembly\RuleValues;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Formula\Values;
use Berm\Core\Job\Job;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Site\Site;

/** What a kit and a connector are wanted for. */
final readonly class Enquiry
{
    /**
     * @param list<CableEnd> $cables those that are chosen so far, end A first
     * @param LengthUnit     $unit   of the job: among equals what is sized in its world comes first
     */
    public function __construct(public AccessoryFunction $function, public array $cables, public Site $site, public LengthUnit $unit)
    {
    }

    public static function ofJob(Job $job): self
    {
        return new self($job->function, array_values($job->cables), $job->site, $job->unit);
    }

    /** Sized in the job's own world: mm² for millimetres, AWG and kcmil for inches. */
    public function isAtHome(SizeRange $conductors): bool
    {
        return $conductors->min->isMetric() === (LengthUnit::Millimetre === $this->unit);
    }

    /**
     * What the condition of an item may ask for, cable by cable; the connector is not chosen yet.
     *
     * @return non-empty-list<Values>
     */
    public function values(): array
    {
        $values = [];
        foreach ($this->cables as $i => $cable) {
            $values[] = RuleValues::of($cable, [], null, $this->site, $this->cables[1 - $i] ?? null);
        }

        return [] === $values ? [Values::of([])] : $values;
    }
}
