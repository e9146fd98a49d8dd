<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Cores;
use Berm\Core\Cable\End;
use Berm\Core\Connector\Connector;
use Berm\Core\CoreError;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\StripRule;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Site\Site;

/** Every mark on every end, each inside the one before it at any tolerance. */
final readonly class MarkOut
{
    /** @param array<string, array<string, Mark>> $marks by End value, then by key() in the order of cutting */
    private function __construct(public array $marks, private Connector $connector)
    {
    }

    /**
     * @param list<CableEnd> $cables
     *
     * @throws MarkOutImpossible with the reason
     */
    public static function plan(array $cables, KitSheet $sheet, KitSize $size, Connector $connector, Site $site): self
    {
        $cores = max([1, ...array_map(static fn (CableEnd $cable): int => $cable->cores()->value, $cables)]);
        $marks = [];
        foreach ($cables as $cable) {
            $marks[$cable->end->value] = self::ofEnd($cable, $cores, $sheet, RuleValues::of($cable, $size->dimensions, $connector, $site));
        }

        return new self($marks, $connector);
    }

    /** @return list<Mark> in the order of cutting, end by end */
    public function all(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->marks)));
    }

    /** Of a cut made on each core: that of the core, or of the first one. */
    public function mark(End $end, Cut $cut, ?int $core = null): ?Mark
    {
        $marks = $this->marks[$end->value] ?? [];

        return $marks[self::key($cut, $core)] ?? $marks[self::key($cut, null)] ?? $marks[self::key($cut, 1)] ?? null;
    }

    /** @return list<Mark> the cuts of one core of an end, and those that it shares with the others; from the outside in */
    public function marksOf(End $end, ?int $core): array
    {
        return array_values(array_filter($this->marks[$end->value] ?? [], static fn (Mark $mark): bool => null === $mark->core || $mark->core === ($core ?? 1)));
    }

    public function cores(): int
    {
        return max([1, ...array_map(static fn (Mark $mark): int => $mark->core ?? 1, $this->all())]);
    }

    /** @return list<Datum> what the marks can be measured from */
    public function datums(): array
    {
        return match (true) {
            isset($this->marks[End::B->value]) => [Datum::CableEnd, Datum::JointCentre, Datum::OversheathCut],
            null === $this->connector->holeToMouth => [Datum::CableEnd, Datum::OversheathCut],
            default => [Datum::CableEnd, Datum::LugHole, Datum::OversheathCut],
        };
    }

    /** From the cable end to the joint's centre: half of what keeps the conductors apart. */
    public function endToCentre(): Length
    {
        return $this->connector->centreStop()->dividedBy(2, Rounding::Nearest);
    }

    /**
     * A place on the cable, given from the cable end, seen from another datum.
     *
     * @param Length $oversheathCut where the oversheath was really cut, or will be
     */
    public function from(Datum $datum, Length $at, Length $oversheathCut): Length
    {
        return match ($datum) {
            Datum::CableEnd => $at,
            Datum::JointCentre => $at->plus($this->endToCentre()),
            Datum::LugHole => $at->plus($this->endToHole()),
            Datum::OversheathCut => $oversheathCut->minus($at),
        };
    }

    public function windowFrom(Datum $datum, Range $window, Length $oversheathCut): Range
    {
        return match ($datum) {
            Datum::CableEnd => $window,
            Datum::JointCentre => $window->movedBy($this->endToCentre()),
            Datum::LugHole => $window->movedBy($this->endToHole()),
            Datum::OversheathCut => $window->mirroredFrom($oversheathCut),
        };
    }

    /** From the lug's hole to the cable end, which lies at the bottom of the bore. */
    public function endToHole(): Length
    {
        return ($this->connector->holeToMouth ?? $this->connector->boreDepth)->minus($this->connector->boreDepth);
    }

    /**
     * @return array<string, Mark>
     *
     * @throws MarkOutImpossible
     */
    private static function ofEnd(CableEnd $cable, int $cores, KitSheet $sheet, Values $values): array
    {
        $needed = Cut::of($cable->construction->design);
        foreach ($needed as $cut) {
            isset($sheet->rules[$cut->value]) || throw MarkOutImpossible::noRule($cable->end, $cut);
        }
        $worked = [];
        foreach (array_filter($sheet->rules, static fn (StripRule $rule): bool => \in_array($rule->cut, $needed, true)) as $rule) {
            try {
                $mark = self::worked($cable, $rule, 1 + (int) array_search($rule->cut, $needed, true), $values);
            } catch (MarkOutImpossible $impossible) {
                throw $impossible;
            } catch (CoreError $error) {
                throw MarkOutImpossible::formula($cable->end, $rule->cut, $error);
            }
            $worked[$rule->cut->value] = $mark;
            $values = $values->with($rule->cut->formulaName(), $mark->at);
        }

        return self::onEachCore($cable, $cores, self::inOrderOfCutting($needed, $worked));
    }

    private static function worked(CableEnd $cable, StripRule $rule, int $order, Values $values): Mark
    {
        $case = $rule->caseFor($values) ?? throw MarkOutImpossible::noCase($cable->end, $rule->cut);

        return new Mark(
            $cable->end, $rule->cut, null, $order, $case->distance->length($values), $case->tolerance, $rule->tool,
            $rule->depth?->length($values), null !== $cable->asFound->diameterOver($rule->cut->layer()),
            $case->reason, $case->distance->working($values),
        );
    }

    /**
     * @param list<Cut>           $needed
     * @param array<string, Mark> $worked
     *
     * @return list<Mark>
     */
    private static function inOrderOfCutting(array $needed, array $worked): array
    {
        $ordered = [];
        $outer = null;
        foreach ($needed as $cut) {
            $mark = $worked[$cut->value];
            if (!Length::ofNanometres(0)->isLessThan($mark->at->minus($mark->tolerance->below))) {
                throw MarkOutImpossible::notPositive($mark);
            }
            if (null !== $outer && !$mark->at->plus($mark->tolerance->above)->isLessThan($outer->at->minus($outer->tolerance->below))) {
                throw MarkOutImpossible::crossing($outer, $mark);
            }
            $ordered[] = $outer = $mark;
        }

        return $ordered;
    }

    /**
     * Cuts of the whole cable once, those of a core on each; three single cables beside a three-core one have every cut three times.
     *
     * @param list<Mark> $marks
     *
     * @return array<string, Mark>
     */
    private static function onEachCore(CableEnd $cable, int $cores, array $marks): array
    {
        $byKey = [];
        foreach ($marks as $mark) {
            $isShared = 1 === $cores || Cores::Three === $cable->cores() && !$mark->cut->isOfCore();
            foreach ($isShared ? [null] : range(1, $cores) as $core) {
                $byKey[self::key($mark->cut, $core)] = $mark->onCore($core);
            }
        }

        return $byKey;
    }

    private static function key(Cut $cut, ?int $core): string
    {
        return $cut->value.(null === $core ? '' : "/$core");
    }
}
