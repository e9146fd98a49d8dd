<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\File\SentByFile;
use Berm\Core\Quantity\SentBy;
use Berm\Core\Quantity\Torque;

final readonly class Tightened implements Answer
{
    public function __construct(public Torque $torque, /** Null where a hand typed it. */ public ?SentBy $sentBy = null)
    {
    }

    public static function read(Fields $file): self
    {
        return new self($file->parsed(CheckKind::Torque->field(), Torque::parse(...), Torque::standIn()), SentByFile::optional($file));
    }

    public function inWords(): string
    {
        return $this->torque->inBothUnits().(null === $this->sentBy ? '' : " by torque wrench {$this->sentBy->inWords()}");
    }

    public function write(): array
    {
        return [CheckKind::Torque->field() => $this->torque->toText(), ...SentByFile::write($this->sentBy)];
    }
}
