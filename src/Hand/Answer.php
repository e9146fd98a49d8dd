<?php

declare(strict_types=1);

namespace App\Hand;

/** What the server would answer. */
final readonly class Answer
{
    /** As the server writes JSON: what could be markup is escaped. */
    private const AS_THE_SERVER = \JSON_HEX_TAG | \JSON_HEX_APOS | \JSON_HEX_AMP | \JSON_HEX_QUOT;

    private function __construct(public int $status, public string $json)
    {
    }

    /** @param array<string, mixed> $body */
    public static function of(int $status, array $body): self
    {
        return new self($status, json_encode($body, \JSON_THROW_ON_ERROR | self::AS_THE_SERVER));
    }

    /** @param array{status: int, ...} $problem */
    public static function ofProblem(array $problem): self
    {
        return new self($problem['status'], json_encode($problem, \JSON_THROW_ON_ERROR | self::AS_THE_SERVER));
    }
}
