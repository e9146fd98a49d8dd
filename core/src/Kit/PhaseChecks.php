<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Check\CheckKind;
use Berm\Core\Check\Look;
use Berm\Core\Check\PhaseCheck;

/** Has every core identified before the connector, and again in the last stage, where the sheet itself does not ask for it. */
final readonly class PhaseChecks
{
    /** A sheet of the first edition does not say what is done in its stages: it stays as it is. */
    public static function into(KitSheet $sheet): KitSheet
    {
        if (!$sheet->saysAll() || [] === $sheet->stages) {
            return $sheet;
        }
        $connector = self::connectorAt($sheet->stages);
        $last = \count($sheet->stages) - 1;
        $before = \array_slice($sheet->stages, 0, $connector + 1);
        $stages = $sheet->stages;
        if (!self::ask($before)) {
            $stages[$connector] = self::beforeConnector($stages[$connector]);
        }
        if ($last > $connector && !self::ask(\array_slice($sheet->stages, $connector + 1))) {
            $stages[$last] = self::beforeLastLooks($stages[$last]);
        }

        return $sheet->withStages(array_values($stages));
    }

    /** @param list<Stage> $stages */
    private static function connectorAt(array $stages): int
    {
        foreach ($stages as $i => $stage) {
            if ($stage->fitsConnector) {
                return $i;
            }
        }

        return 0;
    }

    /** @param list<Stage> $stages */
    private static function ask(array $stages): bool
    {
        foreach ($stages as $stage) {
            foreach ($stage->checks as $check) {
                if (CheckKind::Phase === $check->question->kind()) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function beforeConnector(Stage $stage): Stage
    {
        $at = 0;
        foreach ($stage->steps as $i => $step) {
            $at = StepKind::Connector === $step->kind ? $i : $at;
        }

        return self::put($stage, $at, PhaseCheck::Before);
    }

    /** The looks that end a stage are answered together with its end. */
    private static function beforeLastLooks(Stage $stage): Stage
    {
        $at = \count($stage->steps);
        while ($at > 0 && $stage->steps[$at - 1]->check?->question instanceof Look) {
            --$at;
        }

        return self::put($stage, $at, PhaseCheck::After);
    }

    private static function put(Stage $stage, int $at, PhaseCheck $check): Stage
    {
        return $stage->withSteps([
            ...\array_slice($stage->steps, 0, $at), Step::check($check->check()), ...\array_slice($stage->steps, $at),
        ]);
    }
}
