<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Saying\Sentence;

/** The chain that the log of one job is, as a record takes it along: whoever has the file can follow it without the server. */
final readonly class Chain
{
    /** @param list<ChainedLine> $lines in the order of the log */
    private function __construct(public string $job, public array $lines)
    {
    }

    /** @param list<ChainedLine> $lines */
    public static function of(string $job, array $lines): self
    {
        return new self($job, $lines);
    }

    /** The hash of the last line: noted down elsewhere, it tells whether lines were taken off the end. Empty where nothing was written. */
    public function head(): string
    {
        return $this->lines[\count($this->lines) - 1]->hash ?? '';
    }

    /**
     * The first line that is not as it was written; null where all are.
     *
     * @param list<bool> $agrees of each entry of the log, whether it says what the line at its place was hashed over
     */
    public function firstFault(array $agrees): ?Sentence
    {
        $before = '';
        foreach ($agrees as $i => $doesAgree) {
            $number = $i + 1;
            $line = $this->lines[$i] ?? null;
            if (null === $line) {
                return Sentence::of('Line {number} stands in the log and not in its chain: it was added.', ['number' => $number]);
            }
            if (!$doesAgree || $this->hashed($line, $number, $before) !== $line->hash) {
                return Sentence::of(
                    'Line {number} is not what was written there: what it says, its place, or what it rested on was changed.',
                    ['number' => $number],
                );
            }
            $before = $line->hash;
        }
        $next = \count($agrees) + 1;

        return \count($this->lines) < $next ? null : Sentence::of(
            'Line {number} stands in the chain and not in the log: it was taken out.', ['number' => $next],
        );
    }

    private function hashed(ChainedLine $line, int $number, string $before): string
    {
        return Link::hash($line->format, $this->job, $number, $before, $line->sheets, $line->body);
    }
}
