<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Section\Ruling;

/** A rule as it is planned to hold, and as it would hold. */
final readonly class Shift
{
    private function __construct(public Ruling $planned, public Ruling $then)
    {
    }

    /**
     * @param list<Ruling> $planned
     * @param list<Ruling> $then
     *
     * @return list<self> those that come to less, the least left first
     */
    public static function between(array $planned, array $then, int $most): array
    {
        $were = [];
        foreach ($planned as $ruling) {
            $were[serialize($ruling->place->path())] = $ruling;
        }
        $shifts = [];
        foreach ($then as $ruling) {
            $was = $were[serialize($ruling->place->path())] ?? null;
            $isLess = null !== $was && $ruling->isBinding && $ruling->margin->worst->isLessThan($was->margin->worst);
            $shifts = $isLess ? [...$shifts, new self($was, $ruling)] : $shifts;
        }
        usort($shifts, static fn (self $one, self $other): int => $one->then->margin->worst->nanometres
            <=> $other->then->margin->worst->nanometres);

        return \array_slice($shifts, 0, $most);
    }
}
