<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Assembly\RuleValues;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\CoreError;
use Berm\Core\Place\Register;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Section\Places;
use Berm\Core\Section\PlannedCut;

/** Every mark on every end, each inside the one before it at any tolerance. */
final readonly class MarkOut
{
    /** @param Register<Mark> $marks end by end, in the order of cutting */
    private function __construct(private Register $marks, private Assembly $assembly)
    {
    }

    /**
     * @param \Closure(int): Places $onCore where everything is on a core, as far as it was measured: marks are laid from real edges
     *
     * @throws MarkOutImpossible with the reason
     */
    public static function plan(Assembly $assembly, \Closure $onCore): self
    {
        /** @var Register<Mark> $marks */
        $marks = Register::empty();
        foreach ($assembly->cables as $cable) {
            foreach (self::ofEnd($cable, $assembly, $onCore) as $mark) {
                $marks = $marks->with($mark->place, $mark);
            }
        }

        return new self($marks, $assembly);
    }

    /** @return list<Mark> in the order of cutting, end by end */
    public function all(): array
    {
        return $this->marks->all();
    }

    /** Of a cut made on each core: that of the core, or of the first one. */
    public function mark(End $end, Cut $cut, ?int $core = null): ?Mark
    {
        return $this->marks->at(MarkPlace::of($end, $cut, $core))
            ?? $this->marks->at(MarkPlace::of($end, $cut))
            ?? $this->marks->at(MarkPlace::of($end, $cut, 1));
    }

    /** @return list<Mark> the cuts of one core of an end, and those that it shares with the others; from the outside in */
    public function marksOf(End $end, ?int $core): array
    {
        return array_values(array_filter($this->all(), static fn (Mark $mark): bool => $mark->place->end === $end
            && (null === $mark->place->core || $mark->place->core === ($core ?? 1))));
    }

    public function cores(): int
    {
        return $this->assembly->cores();
    }

    /** @return non-empty-list<Datum> what the marks can be measured from */
    public function datums(): array
    {
        return match (true) {
            isset($this->assembly->cables[1]) => [Datum::CableEnd, Datum::JointCentre, Datum::OversheathCut],
            null === $this->assembly->connector->holeToMouth => [Datum::CableEnd, Datum::OversheathCut],
            default => [Datum::CableEnd, Datum::LugHole, Datum::OversheathCut],
        };
    }

    /**
     * A place on the cable, given from the cable end, seen from another datum.
     *
     * @param Length $oversheathCut where the oversheath was really cut, or will be
     */
    public function from(Datum $datum, End $end, Length $at, Length $oversheathCut): Length
    {
        return match ($datum) {
            Datum::CableEnd => $at,
            Datum::JointCentre => $at->plus($this->assembly->connector->endToCentre($end)),
            Datum::LugHole => $at->plus($this->assembly->connector->endToHole()),
            Datum::OversheathCut => $oversheathCut->minus($at),
        };
    }

    public function windowFrom(Datum $datum, End $end, Range $window, Length $oversheathCut): Range
    {
        return Datum::OversheathCut === $datum
            ? $window->mirroredFrom($oversheathCut)
            : $window->movedBy($this->from($datum, $end, Length::ofNanometres(0), $oversheathCut));
    }

    /**
     * Cuts of the whole cable once, those of a core on each; three single cables beside a three-core one have every cut three times.
     *
     * @param \Closure(int): Places $onCore
     *
     * @return list<Mark> cut by cut
     *
     * @throws MarkOutImpossible
     */
    private static function ofEnd(CableEnd $cable, Assembly $assembly, \Closure $onCore): array
    {
        $marks = $known = [];
        for ($core = 1; $core <= $assembly->cores(); ++$core) {
            $places = $onCore($core);
            $known[spl_object_id($places)] ??= self::onCore($cable, $places);
            foreach ($known[spl_object_id($places)] as $cut => $mark) {
                $isShared = null === $assembly->coreOf($cable->end, $mark->place->cut, 1);
                // What all share is marked from where the longest of them end.
                $isLongest = $places->shorter($cable->end)->equals(Length::ofNanometres(0));
                if (!$isShared || $isLongest && !isset($marks[$cut])) {
                    $marks[$cut][] = $mark->onCore($isShared ? null : $core);
                }
            }
        }

        return array_merge([], ...array_values($marks));
    }

    /**
     * @return array<string, Mark> by Cut value, in the order of cutting
     *
     * @throws MarkOutImpossible
     */
    private static function onCore(CableEnd $cable, Places $places): array
    {
        $needed = $places->cuts($cable->end);
        $worked = [];
        $outer = null;
        foreach ($needed as $i => $cut) {
            try {
                $planned = $places->planned($cable->end, $cut);
                $worked[$cut->value] = self::markOf($cable, $cut, $i + 1, $planned);
                $isLaidFrom = null !== $outer && $planned->case->laidFrom?->cut() === $outer->place->cut;
                self::ensureInside($outer, $worked[$cut->value], match (true) {
                    null === $outer => null,
                    $isLaidFrom => self::cutAt($places, $outer),
                    default => $outer->at->minus($outer->tolerance->below),
                });
                $outer = $worked[$cut->value];
            } catch (MarkOutImpossible $impossible) {
                throw $impossible;
            } catch (CoreError $error) {
                throw MarkOutImpossible::formula($cable->end, $cut, $error);
            }
        }

        return $worked;
    }

    /** @throws CoreError */
    private static function markOf(CableEnd $cable, Cut $cut, int $order, PlannedCut $planned): Mark
    {
        $case = $planned->case;

        return new Mark(
            MarkPlace::of($cable->end, $cut), $order, $planned->at->nominal, $case->tolerance, $case->tool,
            $case->depth?->length($planned->values), RuleValues::areMeasured($cable, ...$case->depth?->names() ?? []),
            $case->reason, $case->distance->working($planned->values),
        );
    }

    /** What is laid from an edge lies inside it as it was cut, wherever its own mark was. @throws CoreError */
    private static function cutAt(Places $places, Mark $outer): Length
    {
        $at = $places->cut($outer->place->end, $outer->place->cut)->nominal;

        return Length::largest($at, $outer->at->minus($outer->tolerance->below));
    }

    /**
     * @param Length|null $edge that it has to lie inside of; null: it is the outermost
     *
     * @throws MarkOutImpossible
     */
    private static function ensureInside(?Mark $outer, Mark $mark, ?Length $edge): void
    {
        if (!Length::ofNanometres(0)->isLessThan($mark->at->minus($mark->tolerance->below))) {
            throw MarkOutImpossible::notPositive($mark);
        }
        if (null !== $outer && null !== $edge && !$mark->at->plus($mark->tolerance->above)->isLessThan($edge)) {
            throw MarkOutImpossible::crossing($outer, $mark);
        }
    }
}
