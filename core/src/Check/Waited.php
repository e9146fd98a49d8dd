<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

/** The time was waited for: how long it was, the entries' own times tell. */
final readonly class Waited implements Answer
{
    private function __construct(/** False of entries from before a wait had a field of its own. */ private bool $isSaid)
    {
    }

    public static function itOut(): self
    {
        return new self(true);
    }

    public static function unsaid(): self
    {
        return new self(false);
    }

    public static function read(Fields $file): self
    {
        if (!$file->flag(CheckKind::Wait->field())) {
            $file->problem(CheckKind::Wait->field(), 'must be true: write the entry once the time has been waited for.');
        }

        return self::itOut();
    }

    public function inWords(): string
    {
        return 'waited';
    }

    public function write(): array
    {
        return $this->isSaid ? [CheckKind::Wait->field() => true] : [];
    }
}
