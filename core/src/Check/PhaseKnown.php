<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Saying\Sentence;

/** Which phase it is: of two cores never the same one, and at the end the one that it was before. */
final readonly class PhaseKnown implements Question
{
    public function kind(): CheckKind
    {
        return CheckKind::Phase;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Identified;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        $twin = $answer instanceof Identified ? $circumstances->phases?->twinOf($answer) : null;
        $before = $circumstances->phases?->before;
        $isCrossed = $answer instanceof Identified && null !== $before && !$before->isSamePhase($answer);

        return match (true) {
            null !== $twin => CheckVerdict::told(false, Sentence::of('{is}: core {twin} is that one too. Identify both again.', [
                'is' => $answer->inWords(), 'twin' => $twin,
            ])),
            $isCrossed => CheckVerdict::told(false, Sentence::of(
                '{is}, and it was {was} before: one of the two is wrong, or the phases are crossed.',
                ['is' => $answer->inWords(), 'was' => $before->inWords()],
            )),
            default => CheckVerdict::told($answer instanceof Identified, Sentence::of('{is}.', ['is' => $answer->inWords()])),
        };
    }

    public function limits(Circumstances $circumstances): ?Sentence
    {
        $before = $circumstances->phases?->before;

        return null === $before ? null : Sentence::of('{phase}, as before', ['phase' => $before->phase]);
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
