<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Prove\Prover;
use Berm\Core\Prove\Report;
use Berm\Core\Saying\Sentence;

/** A draft built in every corner of what it takes, before anybody builds by it. */
final readonly class ProveKitDraft
{
    public function __construct(private KitDrafts $drafts)
    {
    }

    /**
     * @throws DraftNotFound
     * @throws BadDocument   when the draft has faults
     */
    public function __invoke(string $sheetId): Report
    {
        return Prover::prove(($this->drafts->find($sheetId) ?? throw DraftNotFound::of($sheetId))->sheet());
    }

    /**
     * A sheet of the first edition cannot say enough to be proved: it goes out as it always did.
     *
     * @throws EntryRefused where some rule does not hold in some corner
     */
    public static function ensureProved(KitSheet $sheet): void
    {
        if (1 === $sheet->edition) {
            return;
        }
        $report = Prover::prove($sheet);
        if (!$report->isProved()) {
            throw new EntryRefused(Sentence::of(
                'It is not proved: {count} in all do not hold in some corner of what it takes, the first: {first} “Proof” has them all.',
                ['count' => (string) \count($report->shortfalls), 'first' => $report->shortfalls[0]->reason],
            ));
        }
    }
}
