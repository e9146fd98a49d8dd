<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Cable\End;
use Berm\Core\Conductor\SizeRange;
use Berm\Core\Fit\KitKinds;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSheet;

/** Every size of many kit sheets made ready for ranking: a row each, its kinds kept once, its figures as columns. */
final readonly class KitTable
{
    /**
     * @param list<array{string, int, string}> $names        id and revision of the sheet, label of the size
     * @param Index<KitKinds>                  $kinds
     * @param array<string, Index<SizeRange>>  $conductors   by End value
     * @param array<string, Question>          $questions    by column
     * @param array<string, Column>            $columns      those of the questions, and those of the connector
     * @param list<Conditional>                $conditionals
     */
    private function __construct(
        public array $names,
        public Index $kinds,
        public array $conductors,
        public array $questions,
        public array $columns,
        public array $conditionals,
    ) {
    }

    /** @param iterable<KitSheet> $sheets of one function */
    public static function of(iterable $sheets): self
    {
        $names = $kinds = [];
        $conductors = [End::A->value => [], End::B->value => []];
        $needs = new Needs();
        foreach ($sheets as $sheet) {
            foreach ($sheet->sizes as $size) {
                $row = array_push($names, [$sheet->revision->id, $sheet->revision->number, $size->label]) - 1;
                $kinds[] = KitKinds::of($sheet, $size);
                foreach (End::cases() as $end) {
                    $conductors[$end->value][] = $size->takes($end)->conductors;
                }
                foreach (Need::allOf($sheet, $size) as $need) {
                    $needs->add($row, $need, $size->dimensions);
                }
            }
        }

        return new self(
            $names,
            Index::of($kinds),
            array_map(Index::of(...), $conductors),
            $needs->questions,
            $needs->columns(\count($names)),
            $needs->conditionals(),
        );
    }

    public function count(): int
    {
        return \count($this->names);
    }

    /** @return int|null where a size stands */
    public function find(string $id, int $revision, string $size): ?int
    {
        $row = array_search([$id, $revision, $size], $this->names, true);

        return false === $row ? null : $row;
    }

    /**
     * As they stand for one job: a part whose condition does not hold asks nothing.
     *
     * @param list<Values> $cables
     *
     * @return array<string, Column>
     */
    public function columnsFor(array $cables): array
    {
        $columns = $this->columns;
        foreach ($this->conditionals as $conditional) {
            foreach ($conditional->isIn($cables) ? $conditional->needs : [] as $key => $ranges) {
                $columns[$key] = $columns[$key]->narrowedBy($ranges);
            }
        }

        return $columns;
    }
}
