<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Saying\Sentence;

/** A second person checks a draft and makes it the next revision: anybody but those who wrote in it. */
final readonly class ReleaseKitDraft
{
    public function __construct(
        private KitDrafts $drafts, private Sheets $sheets, private RankingTables $tables, private Atomically $atomically,
        private ProveKitDraft $prove,
    ) {
    }

    /**
     * @throws DraftNotFound
     * @throws DraftConflict when it changed since it was looked at
     * @throws EntryRefused  when somebody asks who wrote in it, or it is not proved
     * @throws BadDocument   with every fault of the text
     */
    public function __invoke(string $sheetId, int $version, Who $by): KitSheet
    {
        // Before the draft is held: it may take seconds. Whoever changes it meanwhile makes another version of it.
        $draft = $this->drafts->find($sheetId);
        if (null !== $draft && $draft->version === $version && !$draft->isBy($by)) {
            $this->prove->ensureProved($draft);
        }
        $released = $this->atomically->run(function () use ($sheetId, $version, $by): KitSheet {
            $draft = $this->drafts->locked($sheetId) ?? throw $this->gone($sheetId);
            if ($draft->version !== $version) {
                throw new DraftConflict($draft);
            }
            if ($draft->isBy($by)) {
                throw new EntryRefused(Sentence::of(
                    'You wrote in this draft, {author}: a second person checks and releases it.', ['author' => $by->name],
                ));
            }
            $sheet = $draft->sheet();
            NextRevision::ensure($sheet->revision, $this->sheets->newestKit($sheetId)?->revision);
            $this->sheets->addKit($sheet, "{$draft->author}, released by $by->name", $by);
            $this->drafts->remove($sheetId);

            return $sheet;
        });
        // Whoever releases waits for the ranking to be made ready, and not the next jointer.
        $this->tables->kits($released->application->function);

        return $released;
    }

    /** Of two who release at once one finds that it is done. */
    private function gone(string $sheetId): DraftNotFound|EntryRefused
    {
        return null === $this->sheets->newestKit($sheetId) ? DraftNotFound::of($sheetId) : new EntryRefused(
            Sentence::plain('This draft was released or thrown away meanwhile: look at the sheet as it is now.'),
        );
    }
}
