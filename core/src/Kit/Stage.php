<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Check\Check;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\MarkOut\Cut;

/** A stretch of the work as the leaflet has it: what is done, looked at and used, and what it hides. */
final readonly class Stage
{
    /**
     * @param list<string> $does     what to do, one sentence a line
     * @param list<string> $cautions where people or the cable can be hurt
     * @param list<string> $parks    keys of items that are parked here
     * @param list<Cut>    $cuts     made here, on every end and core that has the layer
     * @param list<string> $installs keys of items that come to their place here
     * @param list<string> $uses     keys of stock
     * @param list<string> $takesOff keys of items that come off again here
     * @param list<Check>  $checks
     */
    public function __construct(
        public string $key,
        public string $title,
        public ?Formula $when,
        public array $does,
        public array $cautions,
        public array $parks,
        public array $cuts,
        public bool $fitsConnector,
        public array $installs,
        public array $uses,
        public array $takesOff,
        public array $checks,
        /** There is no way back from it. */
        public bool $isOneWay,
        /** Somebody else looks before work goes on. */
        public bool $isHoldPoint,
        public string $reason,
    ) {
    }

    /**
     * A stage of which a leaflet says nothing more.
     *
     * @param list<string> $parks
     * @param list<Cut>    $cuts
     */
    public static function bare(string $key, string $title, array $parks, array $cuts, bool $fitsConnector): self
    {
        return new self($key, $title, null, [], [], $parks, $cuts, $fitsConnector, [], [], [], [], $fitsConnector, false, '');
    }

    /** False only when its condition is known not to hold. */
    public function isIn(Values $values): bool
    {
        return null === $this->when || !$this->when->isKnown($values) || $this->when->holds($values);
    }

    public function check(string $key): ?Check
    {
        foreach ($this->checks as $check) {
            if ($check->key === $key) {
                return $check;
            }
        }

        return null;
    }
}
