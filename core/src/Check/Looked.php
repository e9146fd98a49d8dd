<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

/** Somebody looked, and it was so or not. */
final readonly class Looked implements Answer
{
    private const TOGETHER = 'together';
    private const FAULT = 'fault';
    private const MOST = 400;

    private function __construct(
        public bool $isSo,
        /** So many looks were answered by one touch, this among them. */
        public int $together,
        /** Of a crimp: what the press said of it. */
        public ?Pressed $press = null,
        /** Of a surface that is not as it should be: what was found on it. */
        public ?SurfaceFault $fault = null,
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
        $press = $file->optionalObject(Pressed::KEY, Pressed::read(...));
        if (null !== $press && $together > 1) {
            $file->problem(Pressed::KEY, 'reports one crimp: answer the others by themselves.');
        }

        $fault = $file->has(self::FAULT) ? $file->choice(self::FAULT, SurfaceFault::class) : null;
        if (null !== $fault && $isSo) {
            $file->problem(self::FAULT, 'goes with a no only: a surface with that is not as it should be.');
        }

        return new self($isSo, $together, $press, $fault);
    }

    public function inWords(): string
    {
        $press = null === $this->press ? '' : ", {$this->press->inWords()}";

        return match (true) {
            null !== $this->fault => "no, {$this->fault->inWords()}",
            !$this->isSo => "no$press",
            $this->together > 1 => "yes, one of $this->together answered together",
            default => "yes$press",
        };
    }

    public function write(): array
    {
        return [
            CheckKind::Seen->field() => $this->isSo,
            ...($this->together > 1 ? [self::TOGETHER => $this->together] : []),
            ...(null === $this->press ? [] : [Pressed::KEY => $this->press->write()]),
            ...(null === $this->fault ? [] : [self::FAULT => $this->fault->value]),
        ];
    }
}
