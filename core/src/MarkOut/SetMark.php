<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;

/**
 * A mark as a person can set it: a mark of the instrument inside the window, and the limits rounded inwards, so that who keeps to them
 * keeps to it.
 */
final readonly class SetMark
{
    private function __construct(
        /** Without the unit: "62.5", "2 7/16". */
        public string $at,
        public string $from,
        public string $to,
        /** The instrument that it takes; null: any tape. */
        public ?Instrument $needs,
    ) {
    }

    public static function of(Length $at, Range $window, LengthUnit $unit): self
    {
        $graduations = Graduation::of($unit);
        foreach ($graduations as $graduation) {
            if ($graduation->settles($window)) {
                return self::on($graduation, $at, $window);
            }
        }

        return self::on($graduations[array_key_last($graduations)], $at, $window);
    }

    private static function on(Graduation $graduation, Length $at, Range $window): self
    {
        return new self(
            $graduation->say($graduation->nearest($at, $window)),
            $graduation->say(null === $window->min ? $at : $graduation->above($window->min)),
            $graduation->say(null === $window->max ? $at : $graduation->below($window->max)),
            $graduation->needs(),
        );
    }
}
