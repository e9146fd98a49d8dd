<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\Saying\Sentence;

/** When it was made, from its label: not in days to come, and not longer ago than so many months before the check. */
final readonly class AgeWithin implements Question
{
    private const MOST_MONTHS = 240;

    private function __construct(public int $months)
    {
    }

    public static function ofMonths(int $months): self
    {
        return new self($months);
    }

    public static function read(Fields $file): self
    {
        return new self($file->integer('max', 1, self::MOST_MONTHS));
    }

    public function kind(): CheckKind
    {
        return CheckKind::Age;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Made;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        \assert($answer instanceof Made);
        $day = $circumstances->doneAt?->format('Y-m-d');
        $isWithin = $answer->first <= $day && $answer->monthsOn($this->months) >= $day;

        return CheckVerdict::of($isWithin, $answer->text.($answer->first > $day ? ', which is still to come.' : '.'));
    }

    public function limits(Circumstances $circumstances): Sentence
    {
        return $this->rule();
    }

    public function rule(): Sentence
    {
        return Sentence::plain(1 === $this->months ? 'At most 1 month old.' : "At most $this->months months old.");
    }

    public function formulas(): array
    {
        return [];
    }

    public function write(): array
    {
        return ['max' => $this->months];
    }
}
