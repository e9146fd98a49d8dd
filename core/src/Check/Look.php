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
        $isSo = $answer instanceof Looked && $answer->isSo;

        return CheckVerdict::of($isSo, $isSo ? 'Yes.' : 'No.');
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
