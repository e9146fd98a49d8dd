<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

final readonly class Counted implements Answer
{
    public function __construct(public int $count)
    {
    }

    public static function read(Fields $file): self
    {
        return new self($file->integer(CheckKind::Count->field(), 0, 1000));
    }

    public function inWords(): string
    {
        return (string) $this->count;
    }

    public function write(): array
    {
        return [CheckKind::Count->field() => $this->count];
    }
}
