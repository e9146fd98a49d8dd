<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Saying\Sentence;

/** Write down what is printed there. */
final readonly class Note implements Question
{
    public function kind(): CheckKind
    {
        return CheckKind::Note;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Noted;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        return CheckVerdict::of($answer instanceof Noted, $answer->inWords());
    }

    public function limits(Circumstances $circumstances): ?Sentence
    {
        return null;
    }

    public function rule(): ?Sentence
    {
        return null;
    }

    public function formulas(): array
    {
        return [];
    }

    public function write(): array
    {
        return [];
    }
}
