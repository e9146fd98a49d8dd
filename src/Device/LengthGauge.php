<?php

declare(strict_types=1);

namespace App\Device;

use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\UnreadableLength;

/** A caliper or a diameter tape: off by a little of its own, always the same way, and shown in whole steps of its display. */
final readonly class LengthGauge implements StandIn
{
    private function __construct(
        private string $name, private string $serial, private Instrument $instrument, private string $uncertainty, private Length $step,
        private Length $error,
    ) {
    }

    public static function caliper(): self
    {
        return new self(
            'Caliper', 'K-2207', Instrument::Caliper, '0.03 mm', Length::ofMicrometres(10), Length::ofMicrometres(10),
        );
    }

    public static function diameterTape(): self
    {
        return new self(
            'Diameter tape', 'D-0415', Instrument::DiameterTape, '0.08 mm', Length::ofMicrometres(50), Length::ofMicrometres(-50),
        );
    }

    public function read(string $before): array
    {
        try {
            $length = Length::parse($before, LengthUnit::Millimetre);
        } catch (UnreadableLength $unreadable) {
            throw new CannotRead($unreadable->getMessage(), previous: $unreadable);
        }
        $steps = (int) round($length->plus($this->error)->nanometres / $this->step->nanometres);

        return [
            'name' => $this->name,
            'sentBy' => ['serial' => $this->serial, 'uncertainty' => $this->uncertainty],
            'reading' => [
                'typed' => number_format($steps * $this->step->inMillimetres(), 2, '.', ''), 'unit' => 'mm',
                'instrument' => $this->instrument->value,
            ],
        ];
    }
}
