<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\Kit\BadKitSheet;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Torque;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** Tighten it to a torque. Each limit is shown rounded inwards in either unit, so that whoever keeps to what is shown keeps to it. */
final readonly class TorqueWithin implements Question
{
    private function __construct(public ?Torque $least, public ?Torque $most)
    {
    }

    /** @throws BadKitSheet when the limits are upside down */
    public static function between(?Torque $least, ?Torque $most): self
    {
        return null !== $least && null !== $most && !$least->isAtMost($most)
            ? throw BadKitSheet::windowUpsideDown($least->toText(), $most->toText())
            : new self($least, $most);
    }

    public static function read(Fields $file): self
    {
        $limit = static fn (string $key): ?Torque => $file->has($key) ? $file->parsed($key, Torque::parse(...), Torque::standIn()) : null;

        return self::between($limit('min'), $limit('max'));
    }

    public function kind(): CheckKind
    {
        return CheckKind::Torque;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Tightened;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        \assert($answer instanceof Tightened);
        $isWithin = (null === $this->least || $this->least->isAtMost($answer->torque))
            && (null === $this->most || $answer->torque->isAtMost($this->most));

        return CheckVerdict::of($isWithin, $answer->torque->inBothUnits().'.');
    }

    public function limits(Circumstances $circumstances): ?Sentence
    {
        return $this->rule();
    }

    public function rule(): ?Sentence
    {
        return Limits::fine($this->least?->inBothUnits(Rounding::Up), $this->most?->inBothUnits(Rounding::Down));
    }

    /** @return list<Torque> */
    public function bounds(): array
    {
        return array_values(array_filter([$this->least, $this->most], static fn (?Torque $limit): bool => null !== $limit));
    }

    public function formulas(): array
    {
        return [];
    }

    public function write(): array
    {
        return array_filter(
            ['min' => $this->least?->toText(), 'max' => $this->most?->toText()], static fn (?string $limit): bool => null !== $limit,
        );
    }
}
