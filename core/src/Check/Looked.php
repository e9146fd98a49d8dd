<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

/** Somebody looked, and it was so or not. */
final readonly class Looked implements Answer
{
    private const TOGETHER = 'together';
    private const MOST = 400;

    private function __construct(
        public bool $isSo,
        /** So many looks were answered by one touch, this among them. */
        public int $together,
    ) {
    }

    public static function andItIsSo(int $together = 1): self
    {
        return new self(true, $together);
    }

    public static function andItIsNot(): self
    {
        return new self(false, 1);
    }

    public static function read(Fields $file): self
    {
        $isSo = $file->flag(CheckKind::Seen->field());
        $together = $file->has(self::TOGETHER) ? $file->integer(self::TOGETHER, 2, self::MOST) : 1;
        if (!$isSo && $together > 1) {
            $file->problem(self::TOGETHER, 'goes with a yes only: say by itself what is not so.');
        }

        return new self($isSo, $together);
    }

    public function inWords(): string
    {
        return match (true) {
            !$this->isSo => 'no',
            $this->together > 1 => "yes, one of $this->together answered together",
            default => 'yes',
        };
    }

    public function write(): array
    {
        return [CheckKind::Seen->field() => $this->isSo, ...($this->together > 1 ? [self::TOGETHER => $this->together] : [])];
    }
}
