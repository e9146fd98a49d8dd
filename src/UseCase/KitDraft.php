<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Writing\WrittenSheet;

/** A kit sheet being written: its text as it stands, sound or not, until somebody else releases it. */
final readonly class KitDraft
{
    /** @param list<string> $authors ids of all who changed it since it was begun */
    public function __construct(
        public string $sheetId,
        public int $version,
        public string $text,
        /** Who changed it last. */
        public string $author,
        public array $authors,
        public \DateTimeImmutable $changedAt,
    ) {
    }

    /** As it is being typed: nobody has kept it. */
    public function withText(string $text): self
    {
        return new self($this->sheetId, $this->version, $text, $this->author, $this->authors, $this->changedAt);
    }

    public function isBy(Who $who): bool
    {
        return \in_array($who->id, $this->authors, true);
    }

    /** As they changed it. What changes nothing does not make somebody its author, nor anybody else free of it. */
    public function changedTo(string $text, Who $by, \DateTimeImmutable $at): self
    {
        $isSame = $text === $this->text;

        return new self(
            $this->sheetId, $this->version + 1, $text, $isSame ? $this->author : $by->name,
            $isSame || $this->isBy($by) ? $this->authors : [...$this->authors, $by->id], $at,
        );
    }

    /** The sheet, when the text is one. @throws BadDocument with every fault */
    public function sheet(): KitSheet
    {
        return WrittenSheet::sheetOf($this->text, $this->sheetId);
    }

    /** @return array<mixed> what can be read of its text, sound or not */
    public function document(): array
    {
        $json = json_decode($this->text, true, 64);

        return \is_array($json) ? $json : [];
    }
}
