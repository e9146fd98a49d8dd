<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Check\Check;
use Berm\Core\Check\CheckKind;
use Berm\Core\Check\Each;
use Berm\Core\Kit\Mistake;
use Berm\Core\Kit\Scope;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\Step;
use Berm\Core\Kit\StepKind;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Duration;

/** The stages of the work with their steps, in a kit sheet's open file. @internal */
final class StageFile
{
    public static function read(Fields $file, FormulaField $formulas): Stage
    {
        $steps = $file->list('steps', static fn (Fields $step): Step => self::step($step, $formulas));
        self::ensureKeys($file, $steps);

        return Stage::of(
            $file->text('key', 40),
            $file->text('title', 120),
            $formulas->condition($file),
            $file->has('scope') ? $file->choice('scope', Scope::class) : Scope::Whole,
            $file->texts('cautions', 400),
            $steps,
            $file->has('oneWay') && $file->flag('oneWay'),
            $file->has('holdPoint') && $file->flag('holdPoint'),
            $file->optionalText('reason', 400),
        );
    }

    /** As the first edition had it: what is done by sort, in one order for every stage. */
    public static function readFirst(Fields $file, FormulaField $formulas): Stage
    {
        $of = static fn (StepKind $kind, string $field): array => array_map(
            static fn (string $key): Step => Step::ofItem($kind, $key), $file->texts($field, 40),
        );
        $checks = $file->list('checks', static fn (Fields $check): Step => Step::check(self::check($check, $formulas)));
        self::ensureKeys($file, $checks);
        $says = array_map(static fn (string $text): Step => Step::say($text), $file->texts('does', 600));
        $cuts = array_map(static fn (Cut $cut): Step => Step::cut($cut), $file->choices('cuts', Cut::class));
        $connector = $file->has('fitsConnector') && $file->flag('fitsConnector') ? [Step::connector()] : [];
        $steps = [
            ...$says, ...$of(StepKind::Park, 'parks'), ...$cuts, ...$connector, ...$of(StepKind::Set, 'installs'),
            ...$of(StepKind::Use, 'uses'),
            ...$checks,
        ];

        return Stage::of(
            $file->text('key', 40), $file->text('title', 120), $formulas->condition($file), Scope::Whole, $file->texts('cautions', 400),
            $steps,
            $file->has('oneWay') && $file->flag('oneWay'), $file->has('holdPoint') && $file->flag('holdPoint'),
            $file->optionalText('reason', 400),
        );
    }

    private static function step(Fields $file, FormulaField $formulas): Step
    {
        $kinds = array_values(array_filter(StepKind::cases(), static fn (StepKind $kind): bool => $file->has($kind->value)));
        if (1 !== \count($kinds)) {
            $all = implode(', ', array_map(static fn (StepKind $kind): string => $kind->value, StepKind::cases()));
            $file->problem('', "must say one thing that is done: one of $all.");
            throw new Skipped();
        }
        $kind = $kinds[0];
        $duration = static fn (string $key): ?Duration => $file->has($key) ? $file->parsed(
            $key, Duration::parse(...), Duration::ofSeconds(1),
        ) : null;
        [$work, $wait] = [$duration('work'), $duration('wait')];

        return match ($kind) {
            StepKind::Cut => Step::cut($file->choice('cut', Cut::class), $work, $wait),
            StepKind::Connector => $file->flag('connector') ? Step::connector($work, $wait) : throw new Skipped(),
            StepKind::Check => Step::check(
                Fields::got($file->object('check', static fn (Fields $check): Check => self::check($check, $formulas))), $work, $wait,
            ),
            StepKind::Say => Step::say($file->text('say', 600), $work, $wait, $file->optionalText('reason', 400)),
            StepKind::Park, StepKind::Place, StepKind::Set, StepKind::Off, StepKind::Use => Step::ofItem(
                $kind, $file->text($kind->value, 40), $work, $wait,
            ),
        };
    }

    /** @param list<Step> $steps */
    private static function ensureKeys(Fields $file, array $steps): void
    {
        $keys = array_values(array_filter(
            array_map(static fn (Step $step): string => $step->check->key ?? '', $steps), static fn (string $key): bool => '' !== $key,
        ));
        foreach (array_diff_key($keys, array_unique($keys)) as $i => $twice) {
            $file->problem("checks[$i].key", "\"$twice\" is taken: give each check of a stage its own key.");
        }
    }

    private static function check(Fields $file, FormulaField $formulas): Check
    {
        $kind = $file->kind('kind', CheckKind::class);
        [$key, $ask] = [$file->text('key', 40), $file->text('ask', 200)];
        $each = $file->has('each') ? $file->choice('each', Each::class) : Each::Once;
        $when = $formulas->condition($file);
        [$reason, $mend] = [$file->text('reason', 400), $file->optionalText('mend', 400)];
        $catches = $file->choices('catches', Mistake::class);

        return new Check($key, $ask, $each, $when, $kind->question($file, $formulas), $reason, $mend, $catches);
    }

    /** @return array<string, mixed> */
    public static function write(Stage $stage): array
    {
        return [
            'key' => $stage->key,
            'title' => $stage->title,
            ...(null === $stage->when ? [] : ['when' => $stage->when->text]),
            ...(Scope::Whole === $stage->scope ? [] : ['scope' => $stage->scope->value]),
            ...([] === $stage->cautions ? [] : ['cautions' => $stage->cautions]),
            'steps' => array_map(self::writeStep(...), $stage->steps),
            ...array_filter(['oneWay' => $stage->isOneWay, 'holdPoint' => $stage->isHoldPoint]),
            ...('' === $stage->reason ? [] : ['reason' => $stage->reason]),
        ];
    }

    /** @return array<string, mixed> */
    public static function writeFirst(Stage $stage): array
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
    private static function writeStep(Step $step): array
    {
        return [
            $step->kind->value => match ($step->kind) {
                StepKind::Cut => $step->cut?->value,
                StepKind::Connector => true,
                StepKind::Check => null === $step->check ? null : self::writeCheck($step->check),
                StepKind::Say => $step->text,
                default => $step->key,
            },
            ...(null === $step->work ? [] : ['work' => $step->work->toText()]),
            ...(null === $step->wait ? [] : ['wait' => $step->wait->toText()]),
            ...('' === $step->reason ? [] : ['reason' => $step->reason]),
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
            ...PlaceRuleFile::catches($check->catches),
        ];
    }
}
