<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Check\Check;
use Berm\Core\Check\WaitSince;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Saying\Sentence;

/** What is done and looked at in a stage. @internal use SheetInWords::of() */
final class StageInWords
{
    /** @return list<Rule> */
    public static function of(Stage $stage, KitSheet $sheet): array
    {
        $heading = "Stage: $stage->title";
        $key = "stage/$stage->key";
        [$when, $lengths] = null === $stage->when ? ['', []] : FormulaInWords::of($stage->when, 'w');
        $rules = '' === $when ? [] : [new Rule("$key/when", $heading, Sentence::of("Only when $when.", $lengths))];
        foreach ([...$stage->cautions, ...$stage->does] as $i => $line) {
            $rules[] = new Rule("$key/does/$i", $heading, Sentence::plain($i < \count($stage->cautions) ? "Caution: $line" : $line));
        }
        $what = self::what($stage, $sheet);
        $ends = implode(
            ' ',
            array_filter(
                [
                    $stage->isOneWay ? 'There is no way back from it.' : '',
                    $stage->isHoldPoint ? 'An engineer looks before work goes on.' : '',
                ],
                static fn (string $item): bool => '' !== $item,
            ),
        );

        return [
            ...$rules,
            ...('' === $what ? [] : [new Rule("$key/what", $heading, Sentence::plain($what))]),
            ...array_map(
                static fn (Check $check): Rule => new Rule(
                    "$key/check/$check->key",
                    $heading,
                    self::check($check, $sheet),
                    trim($check->reason.('' === $check->mend ? '' : " If not: $check->mend")),
                ),
                $stage->checks,
            ),
            ...('' === $ends && '' === $stage->reason ? [] : [new Rule(
                "$key/end", $heading, Sentence::plain('' === $ends ? 'Why it comes here.' : $ends), $stage->reason,
            )]),
        ];
    }

    private static function what(Stage $stage, KitSheet $sheet): string
    {
        $name = static fn (string $key): string => lcfirst($sheet->nameOf($key));
        $cuts = implode(', ', array_map(static fn (Cut $cut): string => '['.$cut->layer()->label().']', $stage->cuts));

        return implode(' ', array_filter([
            [] === $stage->parks ? '' : 'Park: '.implode(', ', array_map($name, $stage->parks)).'.',
            '' === $cuts ? '' : "Cut: $cuts.",
            $stage->fitsConnector ? 'Fit the connector.' : '',
            [] === $stage->installs ? '' : 'Bring to its place: '.implode(', ', array_map($name, $stage->installs)).'.',
            [] === $stage->uses ? '' : 'Use: '.implode(', ', array_map($name, $stage->uses)).'.',
        ], static fn (string $item): bool => '' !== $item));
    }

    private static function check(Check $check, KitSheet $sheet): Sentence
    {
        [$when, $inWhen] = null === $check->when ? ['', []] : FormulaInWords::of($check->when, 'w');
        $rule = $check->question->rule();
        $each = '' === $check->each->label() ? '' : ', on '.$check->each->label();
        $wait = $check->question instanceof WaitSince ? $check->question : null;
        $after = match (true) {
            null === $wait => '',
            null !== $wait->check => ', counted from the answer to "'.($sheet->stage(
                $wait->after,
            )?->check($wait->check)->ask ?? $wait->check).'"',
            null !== $wait->set => ', counted from when the '.lcfirst($sheet->nameOf($wait->set)).' is set',
            default => ', counted from "'.($sheet->stage($wait->after)->title ?? $wait->after).'"',
        };
        $condition = '' === $when ? '' : "When $when: ";
        $limits = null === $rule ? '' : ": $rule->template";

        return Sentence::of("$condition$check->ask$each$limits$after.", [...$rule->values ?? [], ...$inWhen]);
    }
}
