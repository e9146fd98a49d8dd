<?php

declare(strict_types=1);

namespace Berm\Core\Coverage;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\StageProgress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Prove\Corner;
use Berm\Core\Prove\Corners;

/** How a sheet sees to every step of its kind of accessory. */
final readonly class Coverage
{
    /** @param list<Row> $rows in the order of the work */
    private function __construct(
        public KitSheet $sheet,
        /** Which of the kinds of accessory that the trade has. */
        public int $system,
        public array $rows,
    ) {
    }

    /**
     * From the list of steps: for each, the parts of the sheet that see to it.
     *
     * @param \Closure(string): KitSheet $sheets by id
     *
     * @throws NotOnSheet
     */
    public static function read(Fields $file, \Closure $sheets): self
    {
        $sheet = $sheets($file->text('sheet', 80));
        $rows = $file->list('rows', static function (Fields $row) use ($sheet): Row {
            $parts = array_map(static fn (string $name): Part => Part::of($sheet, $name), $row->texts('by', 80));

            return new Row(
                $row->integer('step', 1, 200), $row->flag('numbered'), [] === $parts ? throw NotOnSheet::part($sheet, '') : $parts,
            );
        });

        return new self($sheet, $file->integer('system', 1, 99), $rows);
    }

    /** @return list<Row> that the practice has a number for */
    public function numbered(): array
    {
        return array_values(array_filter($this->rows, static fn (Row $row): bool => $row->isNumbered));
    }

    /** @return list<Row> that are numbered, and worked out or measured */
    public function known(): array
    {
        return array_values(array_filter($this->numbered(), static fn (Row $row): bool => $row->means()->isNumber()));
    }

    /** @return list<Row> */
    public function onlySaid(): array
    {
        return array_values(array_filter($this->rows, static fn (Row $row): bool => Means::Said === $row->means()));
    }

    /** Touches from the first stage to the last, on the job of its range that takes most. */
    public function touches(): int
    {
        $most = 0;
        foreach ($this->sheet->sizes as $size) {
            foreach (self::some((new Corners($this->sheet))->ofSize($size)) as $corner) {
                $stages = Plan::of($corner->job, BuildState::nothingDone())->progress->stages ?? [];
                $most = max($most, array_sum(array_map(static fn (StageProgress $stage): int => \count($stage->touches()), $stages)));
            }
        }

        return $most;
    }

    /**
     * One of each branch: what has to be done differs from branch to branch, not from diameter to diameter.
     *
     * @param iterable<Corner> $corners
     *
     * @return \Generator<Corner>
     */
    private static function some(iterable $corners): \Generator
    {
        $seen = [];
        foreach ($corners as $corner) {
            if (!isset($seen[$corner->branch])) {
                $seen[$corner->branch] = true;
                yield $corner;
            }
        }
    }
}
