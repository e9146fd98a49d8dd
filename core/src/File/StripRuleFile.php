<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Kit\StripCase;
use Berm\Core\Kit\StripRule;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Tolerance;

/** Where a layer is cut, in a kit sheet's open file. @internal */
final class StripRuleFile
{
    public static function read(Fields $file, FormulaField $formulas): StripRule
    {
        $cut = $file->choice('cut', Cut::class);
        $tool = $file->text('tool', 120);
        $depth = $formulas->optionalLength($file, 'depth');
        $cases = $file->list('cases', static fn (Fields $case): StripCase => new StripCase(
            $formulas->condition($case), $formulas->length($case, 'distance'), self::tolerance($case),
            $case->has('tool') ? $case->text('tool', 120) : $tool, $formulas->optionalLength($case, 'depth') ?? $depth,
            $case->has('laidFrom') ? Place::named($case->text('laidFrom', 40)) : null, $case->text('reason', 400),
        ));
        if ([] === $file->keys('cases')) {
            $file->problem('cases', 'is empty: give at least one distance.');
        }

        return new StripRule($cut, [] === $cases ? throw new Skipped() : $cases);
    }

    private static function tolerance(Fields $file): Tolerance
    {
        $zero = Length::ofNanometres(0);

        return Fields::got($file->object(
            'tolerance',
            static fn (Fields $tolerance): Tolerance => Tolerance::of(
                $tolerance->optionalLength('below') ?? $zero, $tolerance->optionalLength('above') ?? $zero,
            ),
        ));
    }

    /** @return array<string, mixed> */
    public static function write(StripRule $rule): array
    {
        $first = $rule->cases[0];

        return [
            'cut' => $rule->cut->value,
            'tool' => $first->tool,
            ...(null === $first->depth ? [] : ['depth' => $first->depth->text]),
            'cases' => array_map(static fn (StripCase $case): array => [
                ...(null === $case->when ? [] : ['when' => $case->when->text]),
                'distance' => $case->distance->text,
                'tolerance' => ['below' => $case->tolerance->below->toText(), 'above' => $case->tolerance->above->toText()],
                ...($case->tool === $first->tool ? [] : ['tool' => $case->tool]),
                ...(null === $case->depth || $case->depth->text === $first->depth?->text ? [] : ['depth' => $case->depth->text]),
                ...(null === $case->laidFrom ? [] : ['laidFrom' => $case->laidFrom->key]),
                'reason' => $case->reason,
            ], $rule->cases),
        ];
    }
}
