<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;

/** A draft tried on the cables and the connector of a job: nothing of it is kept. */
final readonly class TryKitDraft
{
    public function __construct(private KitDrafts $drafts, private Jobs $jobs, private PlanJob $plan)
    {
    }

    /**
     * @throws DraftNotFound
     * @throws JobNotFound
     * @throws BadDocument   when the draft has faults, or is not for such a job
     */
    public function __invoke(string $sheetId, string $jobId, string $label): PlannedJob
    {
        $sheet = ($this->drafts->find($sheetId) ?? throw DraftNotFound::of($sheetId))->sheet();
        $stored = $this->jobs->get($jobId);
        if ($sheet->application->function !== $stored->function) {
            throw BadDocument::because(
                'job',
                \sprintf(
                    'is a %s; this sheet is for a %s: choose another job.', $stored->function->label(),
                    $sheet->application->function->label(),
                ),
            );
        }
        $size = $sheet->sizes[$label] ?? throw BadDocument::because(
            'size', \sprintf('is not a size of this sheet: it has %s.', implode(', ', array_keys($sheet->sizes))),
        );

        return new PlannedJob($stored, $this->plan->triedWith($stored, $sheet, $size));
    }
}
