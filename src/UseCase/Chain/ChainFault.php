<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

/** Something that was changed outside Berm. */
final readonly class ChainFault
{
    private function __construct(public ?string $job, public string $told)
    {
    }

    public static function of(string $job, string $told): self
    {
        return new self($job, $told);
    }

    public static function ofLists(string $told): self
    {
        return new self(null, $told);
    }

    public function inWords(): string
    {
        return (null === $this->job ? '' : "Job $this->job: ").$this->told;
    }
}
