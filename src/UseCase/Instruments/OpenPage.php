<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

use Psr\Clock\ClockInterface;

/** A page says that a step is open on it, and what it has taken; it is told what waits. */
final readonly class OpenPage
{
    /** A page says so every two; this long, one of them may be lost. */
    private const OPEN_SECONDS = 7;
    /** What is older is offered, and never entered by itself. */
    private const FRESH_SECONDS = 30;

    public function __construct(
        private InstrumentTokens $tokens, private SentReadings $readings, private OpenPages $pages, private ClockInterface $clock,
    ) {
    }

    /**
     * @param list<string> $had what it has taken, or let go
     *
     * @return array{paired: bool, pages: int, readings: list<array<string, mixed>>}
     */
    public function __invoke(string $person, int $epoch, string $page, array $had): array
    {
        $speaks = static fn (InstrumentToken $token): bool => $token->epoch === $epoch;
        if ([] === array_filter($this->tokens->of($person), $speaks)) {
            return ['paired' => false, 'pages' => 0, 'readings' => []];
        }
        $now = $this->clock->now();
        $this->pages->seen($person, $page, $now);
        $this->readings->taken($person, $had);
        $pages = $this->pages->count($person, self::since($now));

        return [
            'paired' => true, 'pages' => $pages,
            'readings' => array_map(static fn (SentReading $reading): array => [
                'id' => $reading->id, 'ageSeconds' => $reading->ageSeconds($now),
                'enters' => 1 === $pages && self::isGood($reading, $now), ...$reading->report,
            ], $this->readings->of($person)),
        ];
    }

    private static function isGood(SentReading $reading, \DateTimeImmutable $now): bool
    {
        return $reading->ageSeconds($now) <= self::FRESH_SECONDS && !$reading->wasOutOfCalibration();
    }

    public static function since(\DateTimeImmutable $now): \DateTimeImmutable
    {
        return $now->modify(\sprintf('-%d seconds', self::OPEN_SECONDS));
    }
}
