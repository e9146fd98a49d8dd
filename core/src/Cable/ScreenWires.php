<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Length;

/** The wires of a metallic screen: how many, and how thick. */
final readonly class ScreenWires
{
    private function __construct(public int $count, public Length $diameter)
    {
    }

    /** @throws ImpossibleDesign */
    public static function of(int $count, Length $diameter): self
    {
        if ($count < 1 || $count > 200) {
            throw ImpossibleDesign::wireCount($count);
        }

        return Length::ofMicrometres(200)->isAtMost($diameter) && $diameter->isAtMost(Length::ofMillimetres(6))
            ? new self($count, $diameter)
            : throw ImpossibleDesign::wireDiameter($diameter);
    }

    /** Copper cross-section in mm². */
    public function area(): float
    {
        return $this->count * \M_PI / 4 * $this->diameter->inMillimetres() ** 2;
    }
}
