<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Saying\Sentence;

/** Look whether it is so. */
final readonly class Look implements Question
{
    public function kind(): CheckKind
    {
        return CheckKind::Seen;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Looked;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        \assert($answer instanceof Looked);
        $press = $answer->press;
        if (null !== $press && '' !== $circumstances->die && !$press->isWith($circumstances->die)) {
            return CheckVerdict::of(false, "The press has the die $press->die; this barrel asks for $circumstances->die.");
        }

        if (null !== $answer->fault) {
            return CheckVerdict::of(false, ucfirst("{$answer->fault->inWords()}. {$answer->fault->mend()}"));
        }

        return CheckVerdict::of($answer->isSo, $answer->isSo ? 'Yes.' : 'No.');
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
