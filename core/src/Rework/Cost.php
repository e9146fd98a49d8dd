<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Quantity\Duration;
use Berm\Core\Quantity\Length;

/** What a way uses up. */
final readonly class Cost
{
    /** @param list<string> $parts names of the parts of the kit that are lost, once for each piece */
    private function __construct(
        public int $connectors, public int $kits, public array $parts, public Length $cable,
        /** By the sheet's own steps, for what is done again; null: the sheet does not say. */
        public ?Duration $work,
    ) {
    }

    public static function nothing(): self
    {
        return new self(0, 0, [], Length::ofNanometres(0), null);
    }

    public static function connector(): self
    {
        return new self(1, 0, [], Length::ofNanometres(0), null);
    }

    public static function kits(int $kits, int $connectors = 0): self
    {
        return new self($connectors, $kits, [], Length::ofNanometres(0), null);
    }

    /** @param list<string> $parts */
    public function andParts(array $parts): self
    {
        return new self($this->connectors, $this->kits, [...$this->parts, ...$parts], $this->cable, $this->work);
    }

    public function andKit(): self
    {
        return new self($this->connectors, $this->kits + 1, $this->parts, $this->cable, $this->work);
    }

    public function andCable(Length ...$off): self
    {
        return new self($this->connectors, $this->kits, $this->parts, Length::sum($this->cable, ...$off), $this->work);
    }

    public function andWork(?Duration $work): self
    {
        return new self($this->connectors, $this->kits, $this->parts, $this->cable, $work);
    }

    /** @return list<int> connectors, kits, parts of the kit: what is used up and has to be had */
    public function material(): array
    {
        return [$this->connectors, $this->kits, \count($this->parts)];
    }

    /** @return list<int> cable and time: what is there */
    public function effort(): array
    {
        return [$this->cable->nanometres, $this->work->seconds ?? 0];
    }
}
