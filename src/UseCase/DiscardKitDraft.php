<?php

declare(strict_types=1);

namespace App\UseCase;

use Psr\Clock\ClockInterface;

/** Throws a draft away, or puts it back: the right of those who wrote in it, and the administrator's. */
final readonly class DiscardKitDraft
{
    public function __construct(private KitDrafts $drafts, private ClockInterface $clock)
    {
    }

    /**
     * @param bool $ofOthers may the person do it with a draft that somebody else wrote?
     *
     * @throws DraftNotFound
     * @throws NotTheirs
     */
    public function __invoke(string $sheetId, Who $by, bool $ofOthers): void
    {
        $draft = $this->drafts->find($sheetId) ?? throw DraftNotFound::of($sheetId);
        self::ensureAuthor($draft, $by, $ofOthers);
        $this->drafts->discard($sheetId, $this->clock->now());
    }

    /**
     * @throws DraftNotFound where it was not thrown away, or another one was begun since
     * @throws NotTheirs
     */
    public function putBack(string $sheetId, Who $by, bool $ofOthers): KitDraft
    {
        $draft = $this->drafts->discarded($sheetId) ?? throw DraftNotFound::of($sheetId);
        self::ensureAuthor($draft, $by, $ofOthers);
        $this->drafts->putBack($sheetId);

        return $draft;
    }

    private static function ensureAuthor(KitDraft $draft, Who $by, bool $ofOthers): void
    {
        if (!$ofOthers && !$draft->isBy($by)) {
            throw NotTheirs::draft($draft);
        }
    }
}
