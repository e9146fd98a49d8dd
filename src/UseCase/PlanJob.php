<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Chain;
use Berm\Core\Build\ChainedLine;
use Berm\Core\Build\Entry;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\File\JobFile;
use Berm\Core\File\SaidFile;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;

/** Puts the pinned sheets into a stored job and computes all that follows from it. */
final class PlanJob
{
    /** The last one: what follows from it alone is worked out once for all of its plans. */
    private ?Job $job = null;
    private string $of = '';

    public function __construct(
        private readonly PinnedSheets $sheets, private readonly KnownPlans $plans, private readonly WithdrawalReasons $withdrawals,
    ) {
    }

    /** @throws SheetNotFound */
    public function __invoke(StoredJob $stored): Plan
    {
        return $this->plans->of($stored, fn (): Plan => Plan::ofLog($this->job($stored), self::entries($stored)));
    }

    /**
     * The same cables and connector with another kit size, to see what would follow; the log does not count, since nothing was built to it.
     *
     * @throws SheetNotFound
     */
    public function triedWith(StoredJob $stored, KitSheet $sheet, KitSize $size): Plan
    {
        return Plan::of($this->jobWith($stored, $sheet, $size), BuildState::nothingDone());
    }

    /** @throws SheetNotFound */
    public function jobWith(StoredJob $stored, KitSheet $sheet, KitSize $size): Job
    {
        return $this->job($stored)->withKit($sheet, $size);
    }

    /** The job with everything it rests on, to be computed again and followed line by line anywhere. @throws SheetNotFound */
    public function file(StoredJob $stored): JobFile
    {
        $lines = array_map(static fn (StoredEntry $one): ChainedLine => new ChainedLine(
            $one->hash, $one->format, $one->sheets, $one->body,
        ), $stored->log);

        return new JobFile($this->job($stored), self::entries($stored), Chain::of($stored->id, $lines));
    }

    private function job(StoredJob $stored): Job
    {
        $withdrawn = null === $stored->draft->kit ? null : $this->withdrawals->reason($stored->draft->kit);
        $of = json_encode(
            [$stored->name, $stored->function->value, PlanDraftFile::write($stored->draft), $withdrawn], \JSON_THROW_ON_ERROR,
        );
        if (null === $this->job || $of !== $this->of) {
            $this->job = $this->made($stored, $withdrawn);
            $this->of = $of;
        }

        return $this->job;
    }

    private function made(StoredJob $stored, ?string $withdrawn): Job
    {
        $draft = $stored->draft;
        $sheet = null === $draft->kit ? null : $this->sheets->kit($draft->kit);

        return new Job(
            $stored->name, $stored->function, $draft->unit, $this->cables($draft), $sheet, $sheet->sizes[$draft->kitSize] ?? null,
            null === $draft->connector ? null : $this->sheets->connector($draft->connector),
            $draft->site, null === $sheet ? [] : SaidFile::ofTexts($draft->said, $sheet), $withdrawn,
        );
    }

    /** @return array<string, CableEnd> */
    private function cables(PlanDraft $draft): array
    {
        $cables = [];
        foreach ($draft->ends as $end => $half) {
            if (null !== $half->cable) {
                $cables[$end] = new CableEnd(
                    End::from($end), $this->sheets->cable($half->cable), $half->asFound, $half->freeLength?->value,
                );
            }
        }

        return $cables;
    }

    /** @return list<Entry> */
    private static function entries(StoredJob $stored): array
    {
        return array_map(static fn (StoredEntry $kept): Entry => $kept->entry, $stored->log);
    }
}
