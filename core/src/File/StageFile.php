<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Check\Check;
use Berm\Core\Check\CheckKind;
use Berm\Core\Check\Each;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\Cut;

/** The stages of the work with their checks, in a kit sheet's open file. @internal */
final class StageFile
{
    public static function read(Fields $file, FormulaField $formulas): Stage
    {
        return new Stage(
            $file->text('key', 40),
            $file->text('title', 120),
            $formulas->condition($file),
            $file->texts('does', 600),
            $file->texts('cautions', 400),
            $file->texts('parks', 40),
            $file->choices('cuts', Cut::class),
            $file->has('fitsConnector') && $file->flag('fitsConnector'),
            $file->texts('installs', 40),
            $file->texts('uses', 40),
            $file->texts('takesOff', 40),
            self::checks($file, $formulas),
            $file->has('oneWay') && $file->flag('oneWay'),
            $file->has('holdPoint') && $file->flag('holdPoint'),
            $file->optionalText('reason', 400),
        );
    }

    /** @return list<Check> */
    private static function checks(Fields $file, FormulaField $formulas): array
    {
        $checks = $file->list('checks', static fn (Fields $check): Check => self::check($check, $formulas));
        $keys = array_map(static fn (Check $check): string => $check->key, $checks);
        foreach (array_diff_key($keys, array_unique($keys)) as $i => $twice) {
            $file->problem("checks[$i].key", "\"$twice\" is taken: give each check of a stage its own key.");
        }

        return $checks;
    }

    private static function check(Fields $file, FormulaField $formulas): Check
    {
        $kind = $file->kind('kind', CheckKind::class);
        [$key, $ask] = [$file->text('key', 40), $file->text('ask', 200)];
        $each = $file->has('each') ? $file->choice('each', Each::class) : Each::Once;
        $when = $formulas->condition($file);
        [$reason, $mend] = [$file->text('reason', 400), $file->optionalText('mend', 400)];

        return new Check($key, $ask, $each, $when, $kind->question($file, $formulas), $reason, $mend);
    }

    /** @return array<string, mixed> */
    public static function write(Stage $stage): array
    {
        return [
            'key' => $stage->key,
            'title' => $stage->title,
            ...(null === $stage->when ? [] : ['when' => $stage->when->text]),
            ...array_filter([
                'does' => $stage->does, 'cautions' => $stage->cautions, 'parks' => $stage->parks,
                'cuts' => array_map(static fn (Cut $cut): string => $cut->value, $stage->cuts),
                'installs' => $stage->installs, 'uses' => $stage->uses, 'checks' => array_map(self::writeCheck(...), $stage->checks),
            ], static fn (array $list): bool => [] !== $list),
            ...array_filter(['fitsConnector' => $stage->fitsConnector, 'oneWay' => $stage->isOneWay, 'holdPoint' => $stage->isHoldPoint]),
            ...('' === $stage->reason ? [] : ['reason' => $stage->reason]),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeCheck(Check $check): array
    {
        return [
            'key' => $check->key, 'ask' => $check->ask, 'kind' => $check->question->kind()->value, 'each' => $check->each->value,
            ...(null === $check->when ? [] : ['when' => $check->when->text]),
            ...$check->question->write(),
            'reason' => $check->reason,
            ...('' === $check->mend ? [] : ['mend' => $check->mend]),
        ];
    }
}
