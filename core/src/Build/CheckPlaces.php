<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Each;
use Berm\Core\Kit\Stage;

/** Where a check is made: on each end, core, bolt, crimp or shed that there is. @internal */
final readonly class CheckPlaces
{
    public function __construct(private Assembly $assembly)
    {
    }

    /** @return list<CheckPlace> */
    public function of(Stage $stage, Check $check): array
    {
        $each = $check->each;
        $ends = $each->isOfEnd() ? array_values(array_filter($this->assembly->function()->ends(), $stage->scope->includes(...))) : [null];
        $cores = $each->isOfCore() && $this->assembly->cores() > 1 ? range(1, $this->assembly->cores()) : [null];
        $places = [];
        foreach ($ends as $end) {
            foreach ($cores as $core) {
                foreach ($this->numbers($check, $end) as $number) {
                    $places[] = CheckPlace::of($stage->key, $check->key, Where::of($end, $core), $number);
                }
            }
        }

        return $places;
    }

    /** @return list<int|null> */
    private function numbers(Check $check, ?End $end): array
    {
        $connector = $this->assembly->connector;
        $count = match ($check->each) {
            Each::Bolt => $connector->specification->bolts->count ?? 0,
            Each::Crimp => $connector->barrels->at($end ?? End::A)->crimps->perSide ?? 0,
            Each::Shed => $this->sheds(),
            default => null,
        };

        return match ($count) {
            null => [null],
            0 => [],
            default => range(1, $count),
        };
    }

    /** The longest row of what comes several in a row. */
    private function sheds(): int
    {
        $rows = [0];
        foreach ($this->assembly->sheet->items as $item) {
            $rows[] = $this->assembly->size->stockOf($item)?->inRow() ?? 0;
        }

        return max($rows);
    }
}
