<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

/** Which phase a core is, and by what that was proved. */
final readonly class Identified implements Answer
{
    private const BY = 'by';

    public function __construct(/** As it is called here: "L1", "red", "C". */ public string $phase, public ProvedBy $by)
    {
    }

    public static function read(Fields $file): self
    {
        return new self($file->text(CheckKind::Phase->field(), 12), $file->choice(self::BY, ProvedBy::class));
    }

    public function isSamePhase(self $other): bool
    {
        return mb_strtolower(trim($this->phase)) === mb_strtolower(trim($other->phase));
    }

    public function inWords(): string
    {
        return "$this->phase, {$this->by->inWords()}";
    }

    public function write(): array
    {
        return [CheckKind::Phase->field() => $this->phase, self::BY => $this->by->value];
    }
}
