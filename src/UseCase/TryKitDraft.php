<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Fit\FitReport;
use Berm\Core\Job\NamedValues;
use Berm\Core\Job\Trial;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Writing\Name;
use Berm\Core\Writing\Names;

/** A draft tried on the cables and the connector of a job: nothing of it is kept. */
final readonly class TryKitDraft
{
    /** So many sizes are tried beside the one that is drawn. */
    private const SIZES = 12;

    public function __construct(private KitDrafts $drafts, private Jobs $jobs, private PlanJob $plan, private HowFarWritten $howFar)
    {
    }

    /**
     * @throws DraftNotFound
     * @throws JobNotFound
     * @throws BadDocument   when the draft has faults, or is not for such a job
     */
    public function __invoke(string $sheetId, string $jobId, string $label): TriedDraft
    {
        return $this->tried($this->drafts->find($sheetId) ?? throw DraftNotFound::of($sheetId), $jobId, $label);
    }

    /**
     * As it is being typed, before it is kept.
     *
     * @throws DraftNotFound
     * @throws JobNotFound
     * @throws BadDocument
     */
    public function asTyped(string $sheetId, string $text, string $jobId, string $label): TriedDraft
    {
        $draft = $this->drafts->find($sheetId) ?? throw DraftNotFound::of($sheetId);

        return $this->tried($draft->withText(SaveKitDraft::checked($text)), $jobId, $label);
    }

    private function tried(KitDraft $draft, string $jobId, string $label): TriedDraft
    {
        $written = ($this->howFar)($draft);
        $stored = $this->jobs->get($jobId);
        $sheet = $written->sheet ?? $this->howFar->drawn($draft, $stored->draft->kitSize);
        if ($sheet->application->function !== $stored->function) {
            throw BadDocument::because(
                'job',
                \sprintf(
                    'is a %s; this sheet is for a %s: choose another job.', $stored->function->label(),
                    $sheet->application->function->label(),
                ),
            );
        }
        $plan = $this->plan->triedWith($stored, $sheet, self::size($sheet, $label, null === $written->sheet));
        $names = array_map(static fn (Name $one): string => $one->name, Names::of($draft->document()));

        return new TriedDraft(
            new PlannedJob($stored, $plan), null === $written->sheet, NamedValues::of($plan, $names), $this->sizes($stored, $sheet),
        );
    }

    /** @param bool $isHalf a size that has no name yet is called by the sheet that stands in */
    private static function size(KitSheet $sheet, string $label, bool $isHalf): KitSize
    {
        $first = $sheet->sizes[array_key_first($sheet->sizes)];

        return $sheet->sizes[$label] ?? ($isHalf ? $first : throw BadDocument::because(
            'size', \sprintf('is not a size of this sheet: it has %s.', implode(', ', array_keys($sheet->sizes))),
        ));
    }

    /** @return array<string, FitReport> */
    private function sizes(StoredJob $stored, KitSheet $sheet): array
    {
        return array_map(
            function (KitSize $size) use ($stored, $sheet): FitReport {
                $trial = Trial::of($this->plan->jobWith($stored, $sheet, $size));

                return $trial->kit->outcome()->lets() ? $trial->together() : $trial->kit;
            },
            \array_slice($sheet->sizes, 0, self::SIZES, true),
        );
    }
}
