<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Revision;
use Psr\Clock\ClockInterface;

/** Keeps a draft as it is typed; faults do not stop it, they are told. */
final readonly class SaveKitDraft
{
    private const LONGEST = 1_000_000;

    public function __construct(private KitDrafts $drafts, private ClockInterface $clock)
    {
    }

    /**
     * @param int $version the one that was changed; 0 for a new draft
     *
     * @throws DraftNotFound when it was released or thrown away meanwhile
     * @throws DraftConflict
     * @throws BadDocument
     */
    public function __invoke(string $sheetId, int $version, string $text, Who $by): KitDraft
    {
        // Throws for an id that no sheet can have.
        Revision::of($sheetId, 1);
        $text = self::checked($text);
        $now = $this->clock->now();
        if (0 === $version) {
            $draft = new KitDraft($sheetId, 1, $text, $by->name, [$by->id], $now);
        } else {
            $stored = $this->drafts->find($sheetId) ?? throw DraftNotFound::of($sheetId);
            $draft = $stored->version === $version ? $stored->changedTo($text, $by, $now) : throw new DraftConflict($stored);
        }
        $this->drafts->save($draft);

        return $draft;
    }

    /** @throws BadDocument for what no sheet can be */
    public static function checked(string $text): string
    {
        if (\strlen($text) > self::LONGEST || !mb_check_encoding($text, 'UTF-8')) {
            throw BadDocument::because('text', 'must be UTF-8 text of at most 1 MB.');
        }

        return $text;
    }
}
