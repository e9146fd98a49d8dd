<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\File\ReadingFile;
use Berm\Core\Quantity\Reading;

final readonly class Measured implements Answer
{
    public function __construct(public Reading $reading)
    {
    }

    public static function read(Fields $file): self
    {
        return new self(Fields::got($file->object(CheckKind::Length->field(), ReadingFile::read(...))));
    }

    public function inWords(): string
    {
        return $this->reading->asTyped().' by '.$this->reading->byWhat();
    }

    public function write(): array
    {
        return [CheckKind::Length->field() => ReadingFile::write($this->reading)];
    }
}
