<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** A named person says, from the local permit, that the cable is identified, isolated, proved dead and earthed. Berm never says it. */
final readonly class SafetyConfirmed implements Event
{
    public function __construct(public string $permit, public string $confirmedBy, public \DateTimeImmutable $confirmedAt)
    {
    }
}
