<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Prove\Prover;
use Berm\Core\Prove\Report;
use Berm\Core\Saying\Sentence;

/** A draft built in every corner of what it takes, before anybody builds by it. */
final readonly class ProveKitDraft
{
    /** Less than a request may take, so that what is too long for one is told in words. */
    private const MOST_SECONDS = 15;

    public function __construct(private KitDrafts $drafts, private KnownProofs $known)
    {
    }

    /**
     * @throws DraftNotFound
     * @throws BadDocument   when the draft has faults
     * @throws EntryRefused  when it would take too long
     */
    public function __invoke(string $sheetId): Report
    {
        return $this->of($this->drafts->find($sheetId) ?? throw DraftNotFound::of($sheetId));
    }

    /**
     * @throws BadDocument  when the draft has faults
     * @throws EntryRefused where some rule does not hold in some corner, or it would take too long
     */
    public function ensureProved(KitDraft $draft): void
    {
        $report = $draft->sheet()->mustBeProved() ? $this->of($draft) : null;
        if (false === $report?->isProved()) {
            throw new EntryRefused(Sentence::of(
                'It is not proved: {count} in all do not hold in some corner of what it takes, the first: {first} “Proof” has them all.',
                ['count' => (string) \count($report->shortfalls), 'first' => $report->shortfalls[0]->reason],
            ));
        }
    }

    private function of(KitDraft $draft): Report
    {
        $sheet = $draft->sheet();
        $end = microtime(true) + self::MOST_SECONDS;

        $within = static function (int $done, int $all) use ($end): void {
            if ($done < $all && microtime(true) > $end) {
                throw self::tooLong($done, $all);
            }
        };

        return $this->known->of($draft->text, static fn (): Report => Prover::prove($sheet, $within));
    }

    private static function tooLong(int $done, int $all): EntryRefused
    {
        return new EntryRefused(Sentence::of(
            'Proving it takes longer than a page may wait: {done} of {all} corners were built. Split its sizes over two sheets;'
                .' “./berm prove” on the server takes its time.',
            ['done' => (string) $done, 'all' => (string) $all],
        ));
    }
}
