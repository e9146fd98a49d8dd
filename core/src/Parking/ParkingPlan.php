<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;
use Berm\Core\Quantity\Length;

/** Which part waits on which end before the connector goes on. */
final readonly class ParkingPlan
{
    /** @param list<ParkingSide> $sides end by end; the cores of an end after its cable */
    private function __construct(public array $sides)
    {
    }

    /**
     * Each part on its preferred end if there is room; else the allowed split that moves fewest parts and fits; else as preferred, and short.
     *
     * @param non-empty-list<CableEnd> $cables
     */
    public static function of(array $cables, KitSheet $sheet, KitSize $size, ?MarkOut $markOut): self
    {
        $preferred = null;
        foreach (self::assignments($sheet->parkedParts()) as $assignment) {
            $plan = self::assigned($cables, $sheet->parkedParts(), $size, $assignment, $markOut);
            $preferred ??= $plan;
            if ($plan->fits()) {
                return $plan;
            }
        }

        return $preferred ?? self::assigned($cables, [], $size, [], $markOut);
    }

    public function sideOf(string $part): ?End
    {
        foreach ($this->sides as $side) {
            foreach ($side->parts as $parked) {
                if ($parked->key === $part) {
                    return $side->end;
                }
            }
        }

        return null;
    }

    public function fits(): bool
    {
        foreach ($this->sides as $side) {
            if ($side->isShort() || $side->isUndecided()) {
                return false;
            }
        }

        return true;
    }

    /**
     * Every allowed split, those that leave most parts on their preferred end first.
     *
     * @param list<Part> $parts
     *
     * @return list<array<string, End>>
     */
    private static function assignments(array $parts): array
    {
        $all = [[]];
        foreach ($parts as $part) {
            $next = [];
            foreach ($all as $assignment) {
                foreach ($part->parkOn as $end) {
                    $next[] = [...$assignment, $part->key => $end];
                }
            }
            $all = $next;
        }
        $moved = static fn (array $assignment): int => \count(array_filter($parts, static fn (Part $part): bool => ($part->parkOn[0] ?? null) !== $assignment[$part->key]));
        usort($all, static fn (array $one, array $other): int => $moved($one) <=> $moved($other));

        return $all;
    }

    /**
     * @param non-empty-list<CableEnd> $cables
     * @param list<Part>               $parts
     * @param array<string, End>       $assignment
     */
    private static function assigned(array $cables, array $parts, KitSize $size, array $assignment, ?MarkOut $markOut): self
    {
        $sides = [];
        foreach ($cables as $cable) {
            $here = array_values(array_filter($parts, static fn (Part $part): bool => $assignment[$part->key] === $cable->end));
            $isOnCores = static fn (Part $part): bool => $part->isPerCore && Cores::Three === $cable->cores();
            $onCores = array_values(array_filter($here, $isOnCores));
            $sides[] = ParkingSide::of($cable->end, false, array_values(array_filter($here, static fn (Part $part): bool => !$isOnCores($part))), $size, $cable->freeLength);
            if ([] !== $onCores) {
                $sides[] = ParkingSide::of($cable->end, true, $onCores, $size, self::coreLength($cable, $markOut));
            }
        }

        return new self($sides);
    }

    /** The cores that stand free between the last cut round the whole cable and the end of their insulation; null before it is marked out. */
    private static function coreLength(CableEnd $cable, ?MarkOut $markOut): ?Length
    {
        $marks = $markOut?->marksOf($cable->end, 1) ?? [];
        $ofCable = array_filter($marks, static fn (Mark $mark): bool => null === $mark->core);
        $insulation = $markOut?->mark($cable->end, Cut::Insulation, 1);

        return [] === $ofCable || null === $insulation ? null : $ofCable[array_key_last($ofCable)]->at->minus($insulation->at);
    }
}
