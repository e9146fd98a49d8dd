<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\CoreError;
use Berm\Core\Formula\Formula;
use Berm\Core\Saying\Sentence;

/** How a check is answered: a closed set, one class for each CheckKind, with its own limits. */
interface Question
{
    public function kind(): CheckKind;

    /** Does the answer answer that kind of question? */
    public function takes(Answer $answer): bool;

    /**
     * @param Answer $answer one that it takes
     *
     * @throws CoreError when a limit cannot be worked out
     */
    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict;

    /** Its limits at a place; null where it has none. @throws CoreError */
    public function limits(Circumstances $circumstances): ?Sentence;

    /** Its limits as the sheet has them, in words and formulas; null where it has none. */
    public function rule(): ?Sentence;

    /** @return list<Formula|null> that its limits are worked out by */
    public function formulas(): array;

    /** @return array<string, mixed> its own fields in an open file */
    public function write(): array;
}
