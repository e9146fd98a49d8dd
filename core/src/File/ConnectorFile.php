<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\End;
use Berm\Core\Conductor\ConductorMaterial;
use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Connector\Barrel;
use Berm\Core\Connector\Barrels;
use Berm\Core\Connector\Bolts;
use Berm\Core\Connector\CentreStop;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorClass;
use Berm\Core\Connector\ConnectorKind;
use Berm\Core\Connector\Crimps;
use Berm\Core\Connector\Fixing;
use Berm\Core\Connector\ImpossibleConnector;
use Berm\Core\Connector\Pad;
use Berm\Core\Connector\Seating;
use Berm\Core\Connector\Specification;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Tolerance;
use Berm\Core\Quantity\Toleranced;
use Berm\Core\Quantity\Torque;

/** Connectors and lugs as open files (docs/formats/connector.md). */
final class ConnectorFile
{
    public static function read(Fields $file): Connector
    {
        $revision = RevisionFile::read($file);
        $name = $file->text('name', 120);
        $maker = $file->text('maker', 120);
        $kind = $file->choice('kind', ConnectorKind::class);
        $fixing = $file->choice('fixing', Fixing::class);
        $barrels = self::barrels($file, $kind);
        $diameter = $file->length('diameter');
        $length = $file->length('length');
        $hole = $file->optionalLength('holeToMouth');
        $method = $file->text('method', 600);
        $specification = self::specification($file);

        return Connector::of($revision, $name, $maker, $kind, $fixing, $barrels, $diameter, $length, $hole, $method, $specification);
    }

    private static function barrels(Fields $file, ConnectorKind $kind): Barrels
    {
        $first = self::barrel($file);
        $other = $file->optionalObject('otherSide', self::barrel(...));
        if (null !== $other && ConnectorKind::Lug === $kind) {
            $file->problem('otherSide', 'is of a lug, which has one barrel: take it out.');
        }

        return ConnectorKind::Lug === $kind ? Barrels::ofLug($first) : Barrels::ofJoint($first, $other ?? $first);
    }

    private static function barrel(Fields $file): Barrel
    {
        $materials = $file->choices('materials', ConductorMaterial::class);
        $sizes = $file->object('conductor', RangeFile::readSizes(...));
        $crimps = static fn (Fields $crimps): Crimps => Crimps::of(
            $crimps->text('die', 80), $crimps->integer('perSide', 1, 20),
            $crimps->has('growth') ? $crimps->parsed('growth', Toleranced::parse(...), Toleranced::exact(Length::ofMillimetres(1))) : null,
        );

        return Barrel::of(
            $materials, Fields::got($sizes), $file->length('bore'), $file->length('boreDepth'), $file->optionalObject('crimps', $crimps),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Connector $connector): array
    {
        return [
            ...RevisionFile::write($connector->revision),
            'name' => $connector->name,
            'maker' => $connector->maker,
            'kind' => $connector->kind->value,
            'fixing' => $connector->fixing->value,
            ...self::writeBarrel($connector->barrels->first),
            ...($connector->barrels->areAlike() ? [] : ['otherSide' => self::writeBarrel($connector->barrels->at(End::B))]),
            'diameter' => $connector->diameter->toText(),
            'length' => $connector->length->toText(),
            ...(null === $connector->holeToMouth ? [] : ['holeToMouth' => $connector->holeToMouth->toText()]),
            'method' => $connector->method,
            ...self::writeSpecification($connector->specification),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeBarrel(Barrel $barrel): array
    {
        $crimps = $barrel->crimps;

        return [
            'materials' => array_map(static fn (ConductorMaterial $material): string => $material->value, $barrel->materials),
            'conductor' => RangeFile::writeSizes($barrel->sizes),
            'bore' => $barrel->bore->toText(),
            'boreDepth' => $barrel->depth->toText(),
            ...(null === $crimps ? [] : ['crimps' => [
                'die' => $crimps->die, 'perSide' => $crimps->perSide,
                ...(null === $crimps->growth ? [] : ['growth' => $crimps->growth->toText()]),
            ]]),
        ];
    }

    private static function specification(Fields $file): Specification
    {
        $shapes = $file->has('shapes') ? $file->choices('shapes', ConductorShape::class) : [];

        return new Specification(
            [] === $shapes ? Specification::roundShapes() : $shapes,
            $file->has('class') ? $file->choice('class', ConnectorClass::class) : null,
            $file->has('centreStop') ? $file->choice('centreStop', CentreStop::class) : CentreStop::None,
            $file->has('oilBlocked') && $file->flag('oilBlocked'),
            $file->optionalObject('bolts', self::bolts(...)),
            $file->optionalObject(
                'pad', static fn (Fields $pad): Pad => new Pad($pad->length('width'), $pad->integer('holes', 1, 8), $pad->length('hole')),
            ),
            self::seating($file),
        );
    }

    /** @throws ImpossibleConnector */
    private static function seating(Fields $file): Seating
    {
        $zero = Length::ofNanometres(0);

        return Seating::of(
            $file->optionalLength('shortOfHome'),
            $file->has('diameterTolerance') ? $file->parsed('diameterTolerance', Tolerance::parse(...), Tolerance::of($zero, $zero)) : null,
            $file->has('growthMovesConductors') ? $file->number('growthMovesConductors', 0, 1) : null,
        );
    }

    /** @return array<string, mixed> what is as common practice has it is left out */
    private static function writeSeating(Seating $seating): array
    {
        $usual = Seating::of();

        return [
            ...($seating->short->equals($usual->short) ? [] : ['shortOfHome' => $seating->short->toText()]),
            ...($seating->diameter->equals($usual->diameter) ? [] : ['diameterTolerance' => $seating->diameter->toText()]),
            ...($seating->share === $usual->share ? [] : ['growthMovesConductors' => $seating->share]),
        ];
    }

    private static function bolts(Fields $file): Bolts
    {
        $torque = $file->has('torque') ? $file->parsed('torque', Torque::parse(...), Torque::standIn()) : null;

        return Bolts::of(
            $file->integer('count', 1, 20),
            $file->has('order') ? $file->integers('order', 1, 20) : [],
            $torque,
            $file->has('leavesVoids') && $file->flag('leavesVoids'),
        );
    }

    /** @return array<string, mixed> */
    private static function writeSpecification(Specification $specification): array
    {
        $bolts = $specification->bolts;

        return [
            ...(Specification::roundShapes() === $specification->shapes ? [] : ['shapes' => array_map(
                static fn (ConductorShape $shape): string => $shape->value, $specification->shapes,
            )]),
            ...(null === $specification->class ? [] : ['class' => $specification->class->value]),
            ...(CentreStop::None === $specification->stop ? [] : ['centreStop' => $specification->stop->value]),
            ...($specification->isOilBlocked ? ['oilBlocked' => true] : []),
            ...(null === $bolts ? [] : ['bolts' => [
                'count' => $bolts->count,
                ...([] === $bolts->order ? [] : ['order' => $bolts->order]),
                ...(null === $bolts->torque ? [] : ['torque' => $bolts->torque->toText()]),
                'leavesVoids' => $bolts->leavesVoids,
            ]]),
            ...(null === $specification->pad ? [] : ['pad' => [
                'width' => $specification->pad->width->toText(),
                'holes' => $specification->pad->holes,
                'hole' => $specification->pad->hole->toText(),
            ]]),
            ...self::writeSeating($specification->seating),
        ];
    }
}
