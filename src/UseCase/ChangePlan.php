<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Event\PlanChanged;
use Berm\Core\File\BadDocument;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\NotAsked;
use Psr\Clock\ClockInterface;

/** Stores another version of a plan; once work has begun, the log says that it was changed and to what. */
final readonly class ChangePlan
{
    public function __construct(private Jobs $jobs, private PlanJob $plan, private ClockInterface $clock, private EntryIds $ids)
    {
    }

    /**
     * Refuses with PlanConflict when $version is not the stored one, with EntryRefused once the connector is on (the end of the outage may
     * still change), and with BadDocument when the plan pins something that is not there.
     *
     * @param callable(StoredJob): PlanDraft $draft
     *
     * @throws JobNotFound
     */
    public function __invoke(string $id, int $version, callable $draft, string $by): PlannedJob
    {
        return $this->jobs->locked($id, function (StoredJob $stored) use ($version, $draft, $by): PlannedJob {
            $wanted = $draft($stored);
            if ($stored->version !== $version) {
                throw new PlanConflict($stored, $wanted);
            }
            $before = ($this->plan)($stored);
            if (null !== $before->lock() && !PlanChanges::areBesideIt($stored->draft, $wanted)) {
                throw new EntryRefused($before->lock());
            }

            return $this->store($stored, $wanted, $by);
        });
    }

    private function store(StoredJob $stored, PlanDraft $wanted, string $by): PlannedJob
    {
        $now = $this->clock->now();
        $changed = $stored->replanned($wanted, $stored->version + 1, $now);
        $plan = $this->checked($changed);
        $this->jobs->savePlan($stored->id, $wanted, $stored->version + 1, $now);
        $changes = PlanChanges::between($stored->draft, $wanted);
        if (!$plan->build->hasCuts() && [] === $plan->build->found() || '' === $changes) {
            return new PlannedJob($changed, $plan);
        }
        $event = new PlanChanged("$changes. Now: ".self::summary($plan), PlanChanges::ends($stored->draft, $wanted));
        $logged = $this->jobs->append($changed, $plan->entry($this->ids->next(), $by, $now, $event));

        return new PlannedJob($logged, ($this->plan)($logged));
    }

    /** @throws BadDocument when the plan pins something that is not there */
    private function checked(StoredJob $changed): Plan
    {
        try {
            $plan = ($this->plan)($changed);
        } catch (SheetNotFound $error) {
            throw BadDocument::because('', $error->getMessage());
        }
        if (null !== $plan->job->sheet && null === $plan->job->size) {
            throw BadDocument::because(
                'kit.size', \sprintf('is not a size of this sheet: it has %s.', implode(', ', array_keys($plan->job->sheet->sizes))),
            );
        }

        self::ensureSaid($plan, $changed->draft);

        return $plan;
    }

    /** @throws BadDocument where something was said that the sheet does not take; what another sheet asked stays as it was */
    private static function ensureSaid(Plan $plan, PlanDraft $draft): void
    {
        foreach ($draft->said as $key => $text) {
            try {
                ($plan->job->sheet->asked[$key] ?? null)?->read($text);
            } catch (NotAsked $refused) {
                throw BadDocument::because("said.$key", $refused->getMessage());
            }
        }
    }

    private static function summary(Plan $plan): string
    {
        $cables = array_map(
            static fn ($cable): string => "end {$cable->end->value}: {$cable->construction->designation}", array_values($plan->job->cables),
        );
        $kit = null === $plan->job->sheet ? 'no kit' : \sprintf(
            '%s revision %d, size %s', $plan->job->sheet->name, $plan->job->sheet->revision->number, $plan->job->size->label ?? '?',
        );

        return implode('; ', [...$cables, $kit, $plan->job->connector->name ?? 'no connector']);
    }
}
