<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Build\BuildState;
use Berm\Core\Check\LengthWithin;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\Outcome;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Doubt;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Margin\Proof;
use Berm\Core\Parking\ParkingSide;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** Builds a sheet in every corner of what it takes before anybody builds by it, and says where it does not hold. */
final class Prover
{
    /** So many plans at most. */
    public const MOST = 2000;

    /** And so many more for each other number of a leaflet that contradicts itself. */
    private const OF_DOUBT = 120;

    /**
     * @param (\Closure(int, int): void)|null $progress is told how many of the corners are done
     */
    public static function prove(KitSheet $sheet, ?\Closure $progress = null, int $most = self::MOST): Report
    {
        $corners = new Corners($sheet);
        $bySize = [];
        foreach ($sheet->sizes as $size) {
            $bySize[$size->label] = iterator_to_array($corners->ofSize($size), false);
        }
        $all = array_merge(...array_values($bySize));
        // Where there are too many, every size keeps its share, spread over its branches.
        $step = (int) max(1, ceil(\count($all) / $most));
        $faults = [...self::unused($sheet), ...self::alike($sheet)];
        foreach ($bySize as $label => $ofSize) {
            $faults = [] === $ofSize ? self::with($faults, new Shortfall(
                Fault::NoCable, "size $label", Sentence::of(
                    'No cable of the standards is taken by size {size}.', ['size' => $label],
                ), null, 1,
            )) : $faults;
        }
        $ofSheet = (int) ceil(\count($all) / $step);
        $told = self::counted($progress, $ofSheet + self::OF_DOUBT * self::numberOfDoubts($sheet));
        foreach ($all as $i => $corner) {
            if (0 === $i % $step) {
                foreach (self::inCorner($corner) as $fault) {
                    $faults = self::with($faults, $fault);
                }
                $told(1);
            }
        }
        $doubts = self::doubts($sheet, $faults, $told);

        return new Report($ofSheet, \count($all), self::worstFirst($faults), $sheet->excepted, $doubts);
    }

    private static function numberOfDoubts(KitSheet $sheet): int
    {
        return array_sum(array_map(static fn (KitSize $size): int => \count($size->doubts), $sheet->sizes));
    }

    /**
     * @param (\Closure(int, int): void)|null $progress
     *
     * @return \Closure(int): void takes how many plans more are done
     */
    private static function counted(?\Closure $progress, int $all): \Closure
    {
        $done = 0;

        return static function (int $more) use ($progress, $all, &$done): void {
            $done += $more;
            if (null !== $progress) {
                $progress($done, $all);
            }
        };
    }

    /**
     * @param array<string, Shortfall> $faults
     *
     * @return list<Shortfall>
     */
    private static function worstFirst(array $faults): array
    {
        $worst = static fn (Shortfall $one): int => $one->worst->nanometres ?? \PHP_INT_MAX;
        usort($faults, static fn (Shortfall $one, Shortfall $other): int => $worst($one) <=> $worst($other));

        return $faults;
    }

    /**
     * With each other number of its leaflet, what does not hold that holds with the number taken.
     *
     * @param array<string, Shortfall> $known
     * @param \Closure(int): void      $told
     *
     * @return list<ProvedDoubt>
     */
    private static function doubts(KitSheet $sheet, array $known, \Closure $told): array
    {
        $doubts = [];
        foreach ($sheet->sizes as $size) {
            foreach ($size->doubts as $doubt) {
                $faults = self::withTheOther($sheet, $size, $doubt, $told);
                $doubts[] = new ProvedDoubt(
                    $size->label, $doubt, $size->dimensions[$doubt->dimension], self::worstFirst(array_diff_key($faults, $known)),
                );
            }
        }

        return $doubts;
    }

    /**
     * @param \Closure(int): void $told
     *
     * @return array<string, Shortfall>
     */
    private static function withTheOther(KitSheet $sheet, KitSize $size, Doubt $doubt, \Closure $told): array
    {
        $other = $size->withTheOther($doubt);
        $corners = iterator_to_array((new Corners($sheet->withSize($other)))->ofSize($other), false);
        $step = (int) max(1, ceil(\count($corners) / self::OF_DOUBT));
        $faults = [];
        foreach ($corners as $i => $corner) {
            foreach (0 === $i % $step ? self::inCorner($corner) : [] as $fault) {
                $faults = self::with($faults, $fault);
            }
            $told(0 === $i % $step ? 1 : 0);
        }
        // Where it has fewer corners, the share that it was counted with is done all the same.
        $told(self::OF_DOUBT - (int) ceil(\count($corners) / $step));

        return $faults;
    }

    /** @return array<string, Shortfall> sizes that were copied, and their ranges forgotten */
    private static function alike(KitSheet $sheet): array
    {
        $faults = [];
        $before = [];
        foreach ($sheet->sizes as $size) {
            foreach ($before as $other) {
                $faults = $size->takesAllThat($other) ? self::with($faults, new Shortfall(
                    Fault::SizesAlike, "size $size->label", Sentence::of(
                        'Size {size} takes the very same cables and connectors as size {other}: give it the ranges of its own.',
                        ['size' => $size->label, 'other' => $other->label],
                    ), null, 1,
                )) : $faults;
            }
            $before[] = $size;
        }

        return $faults;
    }

    /**
     * @param array<string, Shortfall> $faults
     *
     * @return array<string, Shortfall>
     */
    private static function with(array $faults, Shortfall $fault): array
    {
        $key = "{$fault->fault->value} $fault->of";

        return [...$faults, $key => isset($faults[$key]) ? $faults[$key]->and($fault) : $fault];
    }

    /** @return list<Shortfall> */
    private static function inCorner(Corner $corner): array
    {
        $plan = Plan::of($corner->job, BuildState::nothingDone());
        $problem = null === $plan->section ? $plan->problem ?? Sentence::plain('It cannot be planned.') : null;

        return [
            ...(null === $problem ? [] : [new Shortfall(Fault::CannotBePlanned, $problem->template, $problem, $corner, 1)]),
            ...self::fits($plan, $corner), ...self::rules($plan, $corner), ...self::checks($plan, $corner), ...self::box($plan, $corner),
            ...self::rooms($plan, $corner), ...self::backwards($plan, $corner),
        ];
    }

    /** @return list<Shortfall> */
    private static function fits(Plan $plan, Corner $corner): array
    {
        $findings = [...$plan->kitFit->findings ?? [], ...$plan->connectorFit->findings ?? []];
        $refused = array_filter($findings, static fn (Finding $one): bool => $one->stops && Outcome::DoesNotFit === $one->outcome);

        return array_values(array_map(
            static fn (Finding $one): Shortfall => new Shortfall(
                Fault::DoesNotFit, $one->criterion->value, $one->reason, $corner, 1,
            ), $refused,
        ));
    }

    /** @return list<Shortfall> on one core: nothing is measured, so the others are alike */
    private static function rules(Plan $plan, Corner $corner): array
    {
        $faults = [];
        foreach ($plan->section->rulings ?? [] as $ruling) {
            if (Proof::Proved !== $ruling->proof() && null === $plan->sheet?->exception($ruling->place->item, $ruling->place->rule)) {
                $faults[] = self::rule($ruling, $corner);
            }
        }

        return $faults;
    }

    private static function rule(Ruling $ruling, Corner $corner): Shortfall
    {
        $of = implode(' ', array_filter(
            [
                $ruling->place->item, $ruling->place->rule->label(), $ruling->place->of->key ?? '',
            ], static fn (string $part): bool => '' !== $part,
        ));

        return new Shortfall(
            Fault::NotProved, $of, $ruling->withWorst(), $corner, 1, $ruling->margin->worst, $ruling->proof(),
            Part::ofRule($corner->job->sheet ?? throw new \LogicException('a corner has a sheet'), $ruling->place->item),
        );
    }

    /** @return list<Shortfall> a perfect cut is never refused: the leaflet's own limits hold whatever the plan can come to */
    private static function checks(Plan $plan, Corner $corner): array
    {
        $faults = [];
        foreach ($plan->progress?->tasks() ?? [] as $task) {
            $possible = $task->possible;
            if (null === $possible
                || null === $task->window
                || !$task->check?->question instanceof LengthWithin
                || $task->window->containsRange($possible->range())) {
                continue;
            }
            $faults[] = new Shortfall(Fault::CheckRefuses, "{$task->stage->key} {$task->check->key}", Sentence::of(
                '{check}: it comes to {least} to {most}, and the check takes {limits}.', [
                    'check' => Sentence::plain($task->check->ask), 'least' => $possible->range()->min ?? $possible->length->nominal,
                    'most' => $possible->length->mostLength(), 'limits' => $task->limits ?? Sentence::plain('nothing'),
                ],
            ), $corner, 1, part: Part::stage($task->stage->key));
        }

        return $faults;
    }

    /** @return list<Shortfall> what would end before it begins, at its worst: its formulas are the wrong way round or need more room */
    private static function backwards(Plan $plan, Corner $corner): array
    {
        $faults = [];
        foreach ($plan->section->items ?? [] as $placed) {
            $long = $placed->to->minus($placed->from);
            if ($long->leastLength()->isNegative()) {
                $faults[] = new Shortfall(Fault::Backwards, $placed->item->key, Sentence::of(
                    '{item}: from its beginning to its end it would be {long} long. Look at its “from” and “to”.',
                    ['item' => Sentence::plain($placed->item->name), 'long' => $long->leastLength()],
                ), $corner, 1, $long->leastLength(), null, Part::item($placed->item->key));
            }
        }

        return $faults;
    }

    /** @return list<Shortfall> */
    private static function box(Plan $plan, Corner $corner): array
    {
        $faults = [];
        foreach ($plan->materials as $requirement) {
            $shortage = $requirement->shortage();
            $faults = null === $shortage ? $faults : [
                ...$faults, new Shortfall(
                    Fault::BoxIsShort, $requirement->stock->key, $shortage, $corner, 1, part: Part::stock($requirement->stock->key),
                ),
            ];
        }

        return $faults;
    }

    /** @return list<Shortfall> on the cores: how much of the cable is free, nobody can know */
    private static function rooms(Plan $plan, Corner $corner): array
    {
        $short = array_filter($plan->parking->sides ?? [], static fn (ParkingSide $side): bool => $side->isShort());

        return array_values(array_map(static fn (ParkingSide $side): Shortfall => new Shortfall(
            Fault::NoRoom, "end {$side->end->value}".($side->isOnCores ? ', on the cores' : ''),
            Sentence::of(
                'What is parked needs {needed}, and {free} is free.', ['needed' => $side->needed, 'free' => $side->free ?? $side->needed],
            ),
            $corner, 1,
        ), $short));
    }

    /** @return array<string, Shortfall> */
    private static function unused(KitSheet $sheet): array
    {
        $names = $sheet->names();
        $dimensions = array_keys($sheet->sizes[array_key_first($sheet->sizes)]->dimensions);
        $taken = [];
        foreach ($sheet->items as $item) {
            $taken[$item->stock] = true;
        }
        foreach ($sheet->stages as $stage) {
            $taken += array_fill_keys($stage->uses, true);
        }
        $faults = [];
        foreach (array_diff($dimensions, $names) as $name) {
            $faults = self::with($faults, self::unusedOne("dimension $name"));
        }
        foreach (array_diff_key($sheet->stock, $taken) as $key => $stock) {
            $faults = self::with($faults, self::unusedOne("stock $key", Part::stock($key)));
        }

        return $faults;
    }

    private static function unusedOne(string $what, ?Part $part = null): Shortfall
    {
        return new Shortfall(Fault::Unused, $what, Sentence::of('Nothing uses the {what}.', ['what' => $what]), null, 1, part: $part);
    }
}
