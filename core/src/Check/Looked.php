<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

/** Somebody looked, and it was so or not. */
final readonly class Looked implements Answer
{
    private function __construct(public bool $isSo)
    {
    }

    public static function andItIsSo(): self
    {
        return new self(true);
    }

    public static function andItIsNot(): self
    {
        return new self(false);
    }

    public static function read(Fields $file): self
    {
        return new self($file->flag(CheckKind::Seen->field()));
    }

    public function inWords(): string
    {
        return $this->isSo ? 'yes' : 'no';
    }

    public function write(): array
    {
        return [CheckKind::Seen->field() => $this->isSo];
    }
}
