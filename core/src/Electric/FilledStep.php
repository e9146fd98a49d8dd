<?php

declare(strict_types=1);

namespace Berm\Core\Electric;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** Why the step at the edge of an insulation screen is filled: what air left in it would have to stand. */
final readonly class FilledStep
{
    private function __construct(
        /** Of the step: how thick the screen is. */
        public Length $height,
        /** The highest to earth, kV rms: Um / √3. */
        public float $voltage,
        /** In a ring of air of that height, kV/mm rms. */
        public float $field,
        /** From which it discharges, kV rms to earth. */
        public float $inception,
    ) {
    }

    /** Null where a diameter is not known, or the core has no screen of its own. */
    public static function of(CableEnd $cable): ?self
    {
        $field = Field::of($cable);
        $height = $cable->thickness(LayerKind::Insulation, LayerKind::InsulationScreen);
        if (null === $field || null === $height || 0 >= $height->nanometres) {
            return null;
        }
        $voltage = ScreenedField::highestToEarth($cable);

        return new self(
            $height, $voltage, $field->inGap($height->inMillimetres(), $voltage), $field->inception($height->inMillimetres()),
        );
    }

    public function why(): Sentence
    {
        return Sentence::of(
            'Why it is filled: air left in the step, {height:fine} high, would stand {field} kV/mm at {voltage} kV to earth, and discharges'
                .' from {inception} kV on; at the edge itself sooner.',
            [
                'height' => $this->height, 'field' => \sprintf('%.1f', $this->field), 'voltage' => \sprintf('%.1f', $this->voltage),
                'inception' => \sprintf('%.1f', $this->inception),
            ],
        );
    }
}
