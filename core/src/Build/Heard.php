<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** What the author of an entry had heard of when it was made: their own, and as many lines of the log as had reached them. */
final readonly class Heard
{
    /** @param array<string, int> $places by id, in the order of arrival */
    private function __construct(private array $places)
    {
    }

    /** @param list<Entry> $log in the order in which it arrived */
    public static function in(array $log): self
    {
        return new self(array_flip(array_map(static fn (Entry $entry): string => $entry->id, $log)));
    }

    public function knew(Entry $author, Entry $other): bool
    {
        $heard = $author->timing->heard ?? $this->places[$author->id];

        return $author->by === $other->by || $this->places[$other->id] < $heard;
    }

    public function eitherKnew(Entry $one, Entry $other): bool
    {
        return $this->knew($one, $other) || $this->knew($other, $one);
    }
}
