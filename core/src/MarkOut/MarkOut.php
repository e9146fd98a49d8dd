<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\CableEnd;
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

/** Every mark on every end, each inside the one before it at any tolerance. */
final readonly class MarkOut
{
    /** @param array<string, array<string, Mark>> $marks by End value, then by Cut value in the order of cutting */
    private function __construct(public array $marks, private Connector $connector)
    {
    }

    /**
     * @param list<CableEnd> $cables
     *
     * @throws MarkOutImpossible with the reason
     */
    public static function plan(array $cables, KitSheet $sheet, KitSize $size, Connector $connector): self
    {
        $marks = [];
        foreach ($cables as $cable) {
            $marks[$cable->end->value] = self::ofEnd($cable, $sheet, RuleValues::of($cable, $size, $connector));
        }

        return new self($marks, $connector);
    }

    /** @return list<Mark> in the order of cutting, end by end */
    public function all(): array
    {
        return array_merge(...array_map(array_values(...), array_values($this->marks)));
    }

    public function mark(End $end, Cut $cut): ?Mark
    {
        return $this->marks[$end->value][$cut->value] ?? null;
    }

    /** The marks worked out for an end, as a sheet's placements use them. */
    public function addTo(Values $values, End $end): Values
    {
        foreach ($this->marks[$end->value] ?? [] as $mark) {
            $values = $values->with($mark->cut->formulaName(), $mark->at);
        }

        return $values;
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
    private static function ofEnd(CableEnd $cable, KitSheet $sheet, Values $values): array
    {
        $worked = [];
        foreach ($sheet->rules as $rule) {
            try {
                $mark = self::worked($cable, $rule, $values);
            } catch (MarkOutImpossible $impossible) {
                throw $impossible;
            } catch (CoreError $error) {
                throw MarkOutImpossible::formula($cable->end, $rule->cut, $error);
            }
            $worked[$rule->cut->value] = $mark;
            $values = $values->with($rule->cut->formulaName(), $mark->at);
        }

        return self::inOrderOfCutting($worked);
    }

    private static function worked(CableEnd $cable, StripRule $rule, Values $values): Mark
    {
        $case = $rule->caseFor($values) ?? throw MarkOutImpossible::noCase($cable->end, $rule->cut);

        return new Mark(
            $cable->end, $rule->cut, $case->distance->length($values), $case->tolerance, $rule->tool,
            $rule->depth?->length($values), null !== $cable->asFound->diameterOver($rule->cut->layer()),
            $case->reason, $case->distance->working($values),
        );
    }

    /**
     * @param array<string, Mark> $worked
     *
     * @return array<string, Mark>
     */
    private static function inOrderOfCutting(array $worked): array
    {
        $ordered = [];
        $outer = null;
        foreach (Cut::cases() as $cut) {
            $mark = $worked[$cut->value];
            if (!Length::ofNanometres(0)->isLessThan($mark->at->minus($mark->tolerance->below))) {
                throw MarkOutImpossible::notPositive($mark);
            }
            if (null !== $outer && !$mark->at->plus($mark->tolerance->above)->isLessThan($outer->at->minus($outer->tolerance->below))) {
                throw MarkOutImpossible::crossing($outer, $mark);
            }
            $ordered[$cut->value] = $outer = $mark;
        }

        return $ordered;
    }
}
