<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** What a way comes to: the whole plan, and which of its cuts stay and which are made again. */
final readonly class Comes
{
    /**
     * @param list<Mark> $kept  cuts that were made and hold
     * @param list<Mark> $again cuts that are made again
     */
    private function __construct(
        public Plan $plan, public array $kept, public array $again,
        /** What holds by least; null where there is no rule. */
        public ?Ruling $thinnest,
        /** What of its cuts would lie too far; null: none. */
        public ?Sentence $tooFar,
    ) {
    }

    /**
     * @param list<Mark> $kept
     * @param list<Mark> $again
     */
    public static function to(Plan $plan, array $kept = [], array $again = []): self
    {
        return new self($plan, $kept, $again, Thinnest::of($plan), null);
    }

    /**
     * By marks that lie elsewhere than they did.
     *
     * @param list<Mark> $kept
     * @param list<Mark> $again
     */
    public static function toMarks(Plan $plan, array $kept = [], array $again = []): self
    {
        return new self($plan, $kept, $again, Thinnest::of($plan), Thinnest::tooFar($plan));
    }

    public static function of(Aftermath $aftermath, bool $isFromAnotherBox = false): self
    {
        return self::toMarks($aftermath->made($isFromAnotherBox), $aftermath->kept(), $aftermath->again());
    }
}
