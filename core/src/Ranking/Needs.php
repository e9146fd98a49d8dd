<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Formula\Formula;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** What the rows of a table ask, gathered row by row: a whole catalogue is never held but as its figures. @internal used by KitTable */
final class Needs
{
    /** @var array<string, Question> by column */
    public array $questions = [];

    /** @var array<string, list<array{int, Range}>> by column */
    private array $always = [];

    /** @var array<string, array{Formula, array<string, Length>, array<string, list<array{int, Range}>>}> by condition */
    private array $sometimes = [];

    /** @param array<string, Length> $dimensions of the size */
    public function add(int $row, Need $need, array $dimensions): void
    {
        if (null !== $need->question) {
            $this->questions[$need->column] = $need->question;
        }
        if (null === $need->when) {
            $this->always[$need->column][] = [$row, $need->range];

            return;
        }
        $asked = $need->asksFor($dimensions);
        $key = $need->when->text.serialize($asked);
        $this->sometimes[$key] ??= [$need->when, $asked, []];
        $this->sometimes[$key][2][$need->column][] = [$row, $need->range];
    }

    /** @return array<string, Column> those of the questions, and those of the connector */
    public function columns(int $rows): array
    {
        $columns = array_fill_keys([...Need::OF_CONNECTOR, ...array_keys($this->questions)], Column::open($rows));
        foreach ($this->always as $key => $ranges) {
            $columns[$key] = $columns[$key]->narrowedBy($ranges);
        }

        return $columns;
    }

    /** @return list<Conditional> */
    public function conditionals(): array
    {
        return array_values(array_map(static fn (array $one): Conditional => new Conditional(...$one), $this->sometimes));
    }
}
