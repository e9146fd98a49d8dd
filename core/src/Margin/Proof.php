<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

/** How sure it is that a rule holds: the four words that rules, gates, the prover and the drawing use. */
enum Proof: string
{
    /** Even with every cause against it. */
    case Proved = 'proved';
    /** Likely, not proved: it holds unless several causes act against it together. */
    case Likely = 'likely';
    /** It holds nominally, and no more. */
    case NotLikely = 'not-likely';
    case Fails = 'fails';

    public function label(): string
    {
        return match ($this) {
            self::Proved => 'proved',
            self::Likely => 'likely, not proved',
            self::NotLikely => 'not likely',
            self::Fails => 'fails',
        };
    }

    /** An engineer in writing, before a step that cannot be taken back. */
    public function needsAnEngineer(): bool
    {
        return self::NotLikely === $this || self::Fails === $this;
    }

    public function isWorseThan(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }
}
