<?php

declare(strict_types=1);

namespace Berm\Core\Tool;

use Berm\Core\Quantity\Torque;

/** One press with its dies, or one wrench, and until when its calibration holds. */
final readonly class Tool
{
    /** @param list<string> $dies of a press, as the connectors' sheets name them */
    private function __construct(
        public string $id,
        public ToolKind $kind,
        public string $name,
        public string $serial,
        public array $dies,
        /** Of a wrench. */
        public ?Torque $least,
        public ?Torque $most,
        /** The last day on which it holds; null where nobody knows. */
        public ?\DateTimeImmutable $calibratedUntil,
    ) {
    }

    /** @param list<string> $dies @throws BadTool when it has none */
    public static function press(string $id, string $name, string $serial, array $dies, ?\DateTimeImmutable $calibratedUntil): self
    {
        return [] === $dies ? throw BadTool::noDies() : new self(
            $id, ToolKind::CrimpPress, $name, $serial, $dies, null, null, $calibratedUntil,
        );
    }

    /** @throws BadTool when its range is upside down */
    public static function wrench(
        string $id, string $name, string $serial, Torque $least, Torque $most, ?\DateTimeImmutable $calibratedUntil,
    ): self {
        return $most->micronewtonMetres < $least->micronewtonMetres ? throw BadTool::noTorque() : new self(
            $id, ToolKind::TorqueWrench, $name, $serial, [], $least, $most, $calibratedUntil,
        );
    }

    public function calibratedUntil(?\DateTimeImmutable $day): self
    {
        return new self($this->id, $this->kind, $this->name, $this->serial, $this->dies, $this->least, $this->most, $day);
    }

    public function hasDie(string $die): bool
    {
        return [] !== array_filter($this->dies, static fn (string $own): bool => DieName::areSame($own, $die));
    }

    /** "Press (serial 17), calibrated until 3 May 2027". */
    public function inWords(): string
    {
        $serial = '' === $this->serial ? '' : " ($this->serial)";

        return $this->name.$serial.(null === $this->calibratedUntil ? '' : ', calibrated until '.$this->calibratedUntil->format('j M Y'));
    }

    /** It can be set to that. */
    public function reaches(Torque $torque): bool
    {
        return null !== $this->least && null !== $this->most && $this->least->isAtMost($torque) && $torque->isAtMost($this->most);
    }

    /** The last day belongs to it. */
    public function isOutOfCalibrationOn(\DateTimeImmutable $day): bool
    {
        return null !== $this->calibratedUntil && $this->calibratedUntil->format('Y-m-d') < $day->format('Y-m-d');
    }
}
