<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Quantity\Length;

/** The length that waiting parts take: nose to tail, but of those that wait one over the other only the longest. */
final readonly class Load
{
    private function __construct(public Length $inLine, public Length $nested)
    {
    }

    public static function none(): self
    {
        return new self(Length::ofNanometres(0), Length::ofNanometres(0));
    }

    public function with(Length $part, bool $isNested): self
    {
        return $isNested ? new self(
            $this->inLine, Length::largest($this->nested, $part),
        ) : new self($this->inLine->plus($part), $this->nested);
    }

    public function length(): Length
    {
        return $this->inLine->plus($this->nested);
    }
}
