<?php

declare(strict_types=1);

namespace Berm\Core\Quantity;

/** What an instrument said: kept as it was typed, with the length it stands for. */
final readonly class Reading
{
    private function __construct(
        public string $typed,
        public LengthUnit $unit,
        public Instrument $instrument,
        public Length $value,
        /** Null where nobody said. */
        public ?Spot $spot,
        /** Null where a hand typed it. */
        public ?SentBy $sentBy,
        /** What was sawn off the cable since, which is taken off the value: null, nothing. */
        public ?Length $sawnOff = null,
        /** How far that may be from what was read of it. */
        private ?Length $sawnOffWithin = null,
    ) {
    }

    /** @throws UnreadableLength */
    public static function typed(string $text, LengthUnit $unit, Instrument $instrument, ?Spot $spot = null, ?SentBy $sentBy = null): self
    {
        return new self(trim($text), $unit, $instrument, Length::parse($text, $unit), $spot, $sentBy);
    }

    /** As the instrument's own record has it, else what its kind has; and that of each length that was sawn off since. */
    public function uncertainty(): Length
    {
        $own = $this->sentBy->uncertainty ?? $this->instrument->uncertainty();

        return null === $this->sawnOffWithin ? $own : $own->plus($this->sawnOffWithin);
    }

    /** As the same place is from the cable end now that so much of it was sawn off; null where the place itself went with it. */
    public function afterSawingOff(self $sawn): ?self
    {
        $left = $this->value->minus($sawn->value);
        $zero = Length::ofNanometres(0);

        return $zero->isLessThan($left) ? new self(
            $this->typed, $this->unit, $this->instrument, $left, $this->spot, $this->sentBy, $sawn->value->plus($this->sawnOff ?? $zero),
            $sawn->uncertainty()->plus($this->sawnOffWithin ?? $zero),
        ) : null;
    }

    /** "caliper", or which one where it sent the reading: "caliper 4711". */
    public function byWhat(): string
    {
        return $this->instrument->label().(null === $this->sentBy ? '' : " {$this->sentBy->inWords()}");
    }

    /**
     * Of what has an extent: a diameter, a wall, a cut.
     *
     * @throws UnreadableLength where it is 0
     */
    public function ofSomething(): self
    {
        return 0 === $this->value->nanometres ? throw UnreadableLength::zero() : $this;
    }

    /** As it was typed, with the unit it was read in where none was typed: "59,5 mm", "2.6 m". */
    public function asTyped(): string
    {
        return 1 === preg_match('~[^\d\s.,/¼½¾⅛⅜⅝⅞⁄∕‐‑‒–−-]~u', $this->typed) ? $this->typed : $this->typed.' '.$this->unit->value;
    }
}
