<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\End;
use Berm\Core\Kit\Coverage;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\PartKind;
use Berm\Core\Kit\Side;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** The parts that go round the cable, in a kit sheet's open file. @internal */
final class KitPartFile
{
    public static function read(Fields $file, FormulaField $formulas): Part
    {
        return new Part(
            $file->text('key', 40),
            $file->text('name', 80),
            $file->kind('kind', PartKind::class),
            $file->choices('parkOn', End::class),
            $file->has('side') ? $file->choice('side', Side::class) : Side::Across,
            $file->has('perCore') && $file->flag('perCore'),
            $file->has('nested') && $file->flag('nested'),
            $formulas->condition($file),
            $formulas->length($file, 'from'),
            [...self::laps($file), ...$file->list('coverage', self::coverage(...))],
            $file->optionalText('reason', 400),
        );
    }

    /** @return list<Coverage> "laps" is short for the commonest rule */
    private static function laps(Fields $file): array
    {
        $laps = [];
        foreach ($file->lengths('laps') as $name => $least) {
            $cut = Cut::tryFrom($name);
            if (null === $cut) {
                $file->problem(
                    'laps.'.$name,
                    'is not a layer with a cut: use '.implode(
                        ', ', array_map(static fn (Cut $cut): string => $cut->value, Cut::cases()),
                    ).'.',
                );
            } else {
                $laps[] = Coverage::lap($cut, $least);
            }
        }

        return $laps;
    }

    private static function coverage(Fields $file): Coverage
    {
        $rule = $file->choice('rule', CoverageRule::class);
        $min = $file->optionalLength('min');
        $max = $file->optionalLength('max');
        $window = match (true) {
            null !== $min && null !== $max => Range::between($min, $max),
            null !== $max => CoverageRule::Butts === $rule || CoverageRule::CentredOn === $rule
                ? Range::between(Length::ofNanometres(0), $max)
                : Range::atMost($max),
            default => Range::atLeast($min ?? Length::ofNanometres(0)),
        };
        if (null === $max && \in_array($rule, [CoverageRule::Butts, CoverageRule::CentredOn], true)) {
            $file->problem('max', 'is missing: say within how much.');
        }

        return new Coverage($rule, Place::named($file->text('of', 40)), $window, $file->text('reason', 400));
    }

    /** @return array<string, mixed> */
    public static function write(Part $part): array
    {
        $short = array_filter($part->coverage, self::isShort(...));
        $laps = [];
        foreach ($short as $lap) {
            $laps[$lap->of->key] = $lap->window->min?->toText();
        }

        return [
            'key' => $part->key,
            'name' => $part->name,
            'kind' => $part->kind->value,
            'parkOn' => array_map(static fn (End $end): string => $end->value, $part->parkOn),
            ...(Side::Across === $part->side ? [] : ['side' => $part->side->value]),
            ...($part->isPerCore ? ['perCore' => true] : []),
            ...($part->isNested ? ['nested' => true] : []),
            ...(null === $part->when ? [] : ['when' => $part->when->text]),
            'from' => $part->from->text,
            'laps' => (object) $laps,
            ...(\count($short) === \count($part->coverage) ? [] : ['coverage' => array_values(array_map(
                self::writeCoverage(...),
                array_udiff(
                    $part->coverage,
                    $short,
                    static fn (Coverage $one, Coverage $other): int => spl_object_id($one) <=> spl_object_id($other),
                ),
            ))]),
            ...('' === $part->reason ? [] : ['reason' => $part->reason]),
        ];
    }

    private static function isShort(Coverage $coverage): bool
    {
        return CoverageRule::Laps === $coverage->rule && null === $coverage->window->max && '' === $coverage->reason;
    }

    /** @return array<string, mixed> */
    private static function writeCoverage(Coverage $coverage): array
    {
        return [
            'rule' => $coverage->rule->value,
            'of' => $coverage->of->key,
            ...(null === $coverage->window->min ? [] : ['min' => $coverage->window->min->toText()]),
            ...(null === $coverage->window->max ? [] : ['max' => $coverage->window->max->toText()]),
            'reason' => $coverage->reason,
        ];
    }
}
