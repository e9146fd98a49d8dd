<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\File\BadDocument;
use Berm\Core\Quantity\LengthUnit;

/** A calculation alone, without a job. */
final readonly class Tool
{
    /**
     * @param list<Ask>                $asks
     * @param \Closure(Given): Outcome $gives
     */
    private function __construct(
        public string $key,
        public string $title,
        public string $does,
        public array $asks,
        /** Standard and clause, textbook, or "common practice". */
        public string $source,
        /** Where it holds, and where it does not. */
        public string $holds,
        private \Closure $gives,
    ) {
    }

    /** @param \Closure(Given): Outcome $gives */
    public static function of(string $key, string $title, string $does, \Closure $gives, Ask ...$asks): self
    {
        return new self($key, $title, $does, array_values($asks), '', '', $gives);
    }

    public function from(string $source, string $holds): self
    {
        return new self($this->key, $this->title, $this->does, $this->asks, $source, $holds, $this->gives);
    }

    /**
     * @param array<string, string> $texts by key of what it asks
     *
     * @throws BadDocument naming every field that cannot be taken
     */
    public function work(array $texts, LengthUnit $unit): Outcome
    {
        return ($this->gives)(Given::of($this->asks, $texts, $unit));
    }
}
