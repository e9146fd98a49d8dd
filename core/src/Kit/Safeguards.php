<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Check\Safeguard;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Site\Place;

/**
 * Puts Berm's own safeguards into the stages of a sheet: before the first flame, and again before the first one after solvent was used;
 * before lead is cut.
 */
final class Safeguards
{
    private bool $isFlameSafe = false;
    private bool $isLeadSafe;

    private function __construct(private readonly KitSheet $sheet, private readonly ?Place $place, bool $hasLead)
    {
        $this->isLeadSafe = !$hasLead;
    }

    /** A sheet of the first edition does not say what is done in its stages: it stays as it is. */
    public static function into(KitSheet $sheet, ?Place $place, bool $hasLead): KitSheet
    {
        return $sheet->saysAll()
            ? $sheet->withStages(array_map((new self($sheet, $place, $hasLead))->stage(...), $sheet->stages))
            : $sheet;
    }

    private function stage(Stage $stage): Stage
    {
        $steps = [];
        foreach ($stage->steps as $step) {
            $asked = array_map(
                fn (Safeguard $one): Step => Step::check($one->check($this->place)),
                array_filter($this->before($step), static fn (Safeguard $one): bool => null === $stage->check($one->value)),
            );
            $steps = [...$steps, ...$asked, $step];
        }

        return \count($steps) === \count($stage->steps) ? $stage : $stage->withSteps($steps);
    }

    /** @return list<Safeguard> */
    private function before(Step $step): array
    {
        $item = $this->sheet->items[$step->key] ?? null;
        $isFlame = StepKind::Set === $step->kind && true === $item?->isShrunkIn($this->sheet->application->technology);
        $asked = match (true) {
            $isFlame && !$this->isFlameSafe => [Safeguard::Flame],
            Cut::LeadSheath === $step->cut && !$this->isLeadSafe => [Safeguard::Lead],
            default => [],
        };
        $usesSolvent = StepKind::Use === $step->kind && StockKind::Wipe === ($this->sheet->stock[$step->key] ?? null)?->kind;
        $this->isFlameSafe = ($this->isFlameSafe || $isFlame) && !$usesSolvent;
        $this->isLeadSafe = $this->isLeadSafe || Cut::LeadSheath === $step->cut;

        return $asked;
    }
}
