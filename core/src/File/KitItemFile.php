<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Kit\ElectricalClass;
use Berm\Core\Kit\Feature;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\Nature;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Kit\Placing;
use Berm\Core\Kit\Side;
use Berm\Core\Kit\Winding;
use Berm\Core\Material\Manner;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;

/** What lies on the cable, in a kit sheet's open file. @internal */
final class KitItemFile
{
    public static function read(Fields $file, FormulaField $formulas): Item
    {
        $key = $file->text('key', 40);

        return new Item(
            $key,
            $file->text('name', 80),
            $file->choice('nature', Nature::class),
            $file->has('class') ? $file->choice('class', ElectricalClass::class) : ElectricalClass::None,
            $file->optionalText('of', 40),
            $file->has('side') ? $file->choice('side', Side::class) : Side::Across,
            $file->has('perCore') && $file->flag('perCore'),
            $formulas->condition($file),
            self::placing($file, $formulas),
            $file->optionalLength('hand') ?? Length::ofNanometres(0),
            $file->optionalObject('winding', static fn (Fields $winding): Winding => self::winding($winding, $formulas)),
            $formulas->optionalLength($file, 'size'),
            $file->has('layer') ? $file->choice('layer', LayerKind::class) : null,
            $file->choices('parkOn', End::class),
            $file->has('nested') && $file->flag('nested'),
            $file->optionalText('partOf', 40),
            $file->list('features', static fn (Fields $feature): Feature => new Feature(
                $feature->text('key', 40), $feature->text('name', 80), $formulas->length($feature, 'from'),
                $formulas->length($feature, 'to'),
            )),
            $file->list('rules', static fn (Fields $rule): PlaceRule => PlaceRuleFile::readOfItem($rule, $key, $formulas)),
            $file->optionalText('reason', 400),
        );
    }

    private static function placing(Fields $file, FormulaField $formulas): Placing
    {
        $from = $formulas->optionalLength($file, 'from');
        $to = $formulas->optionalLength($file, 'to');
        $centre = $file->optionalText('centredOn', 40);
        $fromCentre = $formulas->optionalLength($file, 'fromCentre');
        if (1 < (int) (null !== $from || null !== $to) + (int) ('' !== $centre) + (int) (null !== $fromCentre)) {
            $file->problem('centredOn', 'is given beside another place: keep one of from and to, centredOn, or fromCentre.');
        }

        return match (true) {
            null !== $from && null !== $to => Placing::between($from, $to),
            null !== $from => Placing::from($from),
            null !== $to => Placing::to($to),
            '' !== $centre => Placing::centredOn(Place::named($centre)),
            null !== $fromCentre => Placing::fromCentre($fromCentre),
            default => self::noPlace($file),
        };
    }

    private static function noPlace(Fields $file): Placing
    {
        $file->problem('from', 'is missing: say where it lies with from, to, both, centredOn or fromCentre.');

        return Placing::centredOn(Place::connector());
    }

    private static function winding(Fields $file, FormulaField $formulas): Winding
    {
        $manner = $file->has('manner') ? $file->choice('manner', Manner::class) : Manner::Helix;
        if ($file->has('passes') === $file->has('to')) {
            $file->problem('passes', 'give either so many passes, or to: the diameter to build to.');
        }

        return $file->has('to')
            ? Winding::upTo($manner, $formulas->length($file, 'to'))
            : Winding::ofPasses($manner, $file->has('passes') ? $file->number('passes', 0.25, 200) : 1.0);
    }

    /** @return array<string, mixed> */
    public static function write(Item $item): array
    {
        return [
            'key' => $item->key,
            'name' => $item->name,
            'nature' => $item->nature->value,
            ...(ElectricalClass::None === $item->class ? [] : ['class' => $item->class->value]),
            ...('' === $item->stock ? [] : ['of' => $item->stock]),
            ...(Side::Across === $item->side ? [] : ['side' => $item->side->value]),
            ...($item->isPerCore ? ['perCore' => true] : []),
            ...(null === $item->when ? [] : ['when' => $item->when->text]),
            ...self::writePlacing($item->placing),
            ...(0 === $item->hand->nanometres ? [] : ['hand' => $item->hand->toText()]),
            ...(null === $item->winding ? [] : ['winding' => self::writeWinding($item->winding)]),
            ...(null === $item->size ? [] : ['size' => $item->size->text]),
            ...(null === $item->layer ? [] : ['layer' => $item->layer->value]),
            ...([] === $item->parkOn ? [] : ['parkOn' => array_map(static fn (End $end): string => $end->value, $item->parkOn)]),
            ...($item->isNested ? ['nested' => true] : []),
            ...('' === $item->partOf ? [] : ['partOf' => $item->partOf]),
            ...([] === $item->features ? [] : ['features' => array_map(static fn (Feature $feature): array => [
                'key' => $feature->key, 'name' => $feature->name, 'from' => $feature->from->text, 'to' => $feature->to->text,
            ], $item->features)]),
            ...([] === $item->rules ? [] : ['rules' => array_map(PlaceRuleFile::write(...), $item->rules)]),
            ...('' === $item->reason ? [] : ['reason' => $item->reason]),
        ];
    }

    /** @return array<string, string> */
    private static function writePlacing(Placing $placing): array
    {
        return array_filter([
            'from' => $placing->from?->text, 'to' => $placing->to?->text, 'centredOn' => $placing->centredOn?->key,
            'fromCentre' => $placing->fromCentre?->text,
        ], static fn (?string $text): bool => null !== $text);
    }

    /** @return array<string, mixed> */
    private static function writeWinding(Winding $winding): array
    {
        return [
            'manner' => $winding->manner->value, ...(null === $winding->to ? ['passes' => $winding->passes] : ['to' => $winding->to->text]),
        ];
    }
}
