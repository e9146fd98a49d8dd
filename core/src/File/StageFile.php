<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Kit\Check;
use Berm\Core\Kit\CheckKind;
use Berm\Core\Kit\Each;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Torque;

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
        $kind = $file->choice('kind', CheckKind::class);
        [$key, $ask] = [$file->text('key', 40), $file->text('ask', 200)];
        $each = $file->has('each') ? $file->choice('each', Each::class) : Each::Once;
        $when = $formulas->condition($file);
        [$reason, $mend] = [$file->text('reason', 400), $file->optionalText('mend', 400)];

        return match ($kind) {
            CheckKind::Seen => Check::seen($key, $ask, $each, $when, $reason, $mend),
            CheckKind::Note => Check::note($key, $ask, $each, $when, $reason, $mend),
            CheckKind::Length => Check::length($key, $ask, $each, $when, $formulas->optionalLength($file, 'min'), $formulas->optionalLength($file, 'max'), $reason, $mend),
            CheckKind::Count => Check::number($key, $ask, $kind, $each, $when, self::number($file, 'min'), self::number($file, 'max'), null, $reason, $mend),
            CheckKind::Torque => Check::number($key, $ask, $kind, $each, $when, self::torque($file, 'min'), self::torque($file, 'max'), null, $reason, $mend),
            CheckKind::Wait => Check::number($key, $ask, $kind, $each, $when, self::seconds($file, 'min'), self::seconds($file, 'max'), $file->text('after', 40), $reason, $mend),
        };
    }

    private static function number(Fields $file, string $key): ?float
    {
        return $file->has($key) ? $file->number($key, 0, 1000) : null;
    }

    private static function torque(Fields $file, string $key): ?float
    {
        return $file->has($key) ? $file->parsed($key, Torque::parse(...), Torque::parse('1 N·m'))->newtonMetres() : null;
    }

    /** "30 s", "5 min", "2 h". */
    private static function seconds(Fields $file, string $key): ?float
    {
        if (!$file->has($key)) {
            return null;
        }
        if (1 !== preg_match('/\A(\d{1,4}) ?(s|min|h)\z/', $file->text($key, 20), $parts)) {
            $file->problem($key, 'is not a time: write "30 s", "5 min" or "2 h".');

            return null;
        }

        return (float) $parts[1] * ['s' => 1, 'min' => 60, 'h' => 3600][$parts[2]];
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
        return array_filter([
            'key' => $check->key, 'ask' => $check->ask, 'kind' => $check->kind->value, 'each' => $check->each->value,
            'when' => $check->when?->text,
            'min' => $check->min->text ?? self::writeNumber($check->kind, $check->least),
            'max' => $check->max->text ?? self::writeNumber($check->kind, $check->most),
            'after' => $check->after, 'reason' => $check->reason, 'mend' => '' === $check->mend ? null : $check->mend,
        ], static fn (mixed $value): bool => null !== $value);
    }

    private static function writeNumber(CheckKind $kind, ?float $value): float|string|null
    {
        return match (true) {
            null === $value => null,
            CheckKind::Torque === $kind => round($value, 6).' N·m',
            CheckKind::Wait === $kind => 0.0 === fmod($value, 3600) ? $value / 3600 .' h' : (0.0 === fmod($value, 60) ? $value / 60 .' min' : $value.' s'),
            default => $value,
        };
    }
}
