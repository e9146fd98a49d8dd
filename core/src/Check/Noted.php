<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

final readonly class Noted implements Answer
{
    public function __construct(public string $text)
    {
    }

    public static function read(Fields $file): self
    {
        return new self($file->text(CheckKind::Note->field(), 200));
    }

    public function inWords(): string
    {
        return $this->text;
    }

    public function write(): array
    {
        return [CheckKind::Note->field() => $this->text];
    }
}
