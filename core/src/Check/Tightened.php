<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\Quantity\Torque;

final readonly class Tightened implements Answer
{
    public function __construct(public Torque $torque)
    {
    }

    public static function read(Fields $file): self
    {
        return new self($file->parsed(CheckKind::Torque->field(), Torque::parse(...), Torque::standIn()));
    }

    public function inWords(): string
    {
        return $this->torque->inBothUnits();
    }

    public function write(): array
    {
        return [CheckKind::Torque->field() => $this->torque->toText()];
    }
}
