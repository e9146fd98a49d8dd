<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\CentreStop;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Sentence;

/** Does this connector or lug take these conductors, and does the kit size take the connector? */
final class ConnectorFit
{
    /** @param list<CableEnd> $cables */
    public static function judge(AccessoryFunction $wanted, array $cables, Connector $connector, ?KitSheet $sheet, ?KitSize $size): FitReport
    {
        $report = FitReport::of(self::kind($wanted, $connector));
        foreach ($cables as $cable) {
            $report = $report->and(FitReport::of(self::material($cable, $connector), self::size($cable, $connector), self::shape($cable, $connector), self::bore($cable, $connector)));
        }

        $report = $report->and(FitReport::of(...self::stop($cables, $connector)));

        return null === $size || null === $sheet ? $report : $report->and(self::inKit($connector, $size))->and(FitReport::of(...self::passed($connector, $sheet, $size)));
    }

    private static function kind(AccessoryFunction $wanted, Connector $connector): Finding
    {
        $needed = $wanted->connectorKind();
        $values = ['needed' => $needed->label(), 'is' => $connector->kind->label()];

        return $needed === $connector->kind
            ? Finding::fits(Criterion::ConnectorKind, null, Sentence::of("A [{$wanted->value}] needs a {needed}, and this is one.", $values))
            : Finding::refused(Criterion::ConnectorKind, null, Sentence::of("A [{$wanted->value}] needs a {needed}; this is a {is}.", $values));
    }

    private static function material(CableEnd $cable, Connector $connector): Finding
    {
        $material = $cable->construction->design->conductor->material;
        $values = ['material' => $material->value, 'taken' => implode(' and ', array_map(static fn ($taken): string => $taken->value, $connector->materials))];
        if (\in_array($material, $connector->materials, true)) {
            return Finding::fits(Criterion::ConnectorMaterial, $cable->end, Sentence::of('Takes {material} conductors.', $values));
        }

        return Finding::refused(Criterion::ConnectorMaterial, $cable->end, Sentence::of('The conductor is {material}; this takes {taken} only. Copper to aluminium needs a bimetallic or dual-rated one.', $values));
    }

    private static function size(CableEnd $cable, Connector $connector): Finding
    {
        $size = $cable->construction->design->conductor->size;
        $values = ['size' => $size->label, 'least' => $connector->sizes->min->label, 'most' => $connector->sizes->max->label];

        return $connector->sizes->contains($size)
            ? Finding::fits(Criterion::ConnectorSize, $cable->end, Sentence::of('{size} lies in {least} to {most}.', $values))
            : Finding::refused(Criterion::ConnectorSize, $cable->end, Sentence::of('{size} lies outside {least} to {most}.', $values));
    }

    private static function shape(CableEnd $cable, Connector $connector): Finding
    {
        $shape = $cable->construction->design->conductor->shape;

        return \in_array($shape, $connector->specification->shapes, true)
            ? Finding::fits(Criterion::ConnectorShape, $cable->end, Sentence::plain("Takes {$shape->value} conductors."))
            : Finding::refused(Criterion::ConnectorShape, $cable->end, Sentence::plain("The conductor is {$shape->value}; this is not made for that."));
    }

    /**
     * Oil must not pass from a paper cable into a polymeric one (common practice).
     *
     * @param list<CableEnd> $cables
     *
     * @return list<Finding>
     */
    private static function stop(array $cables, Connector $connector): array
    {
        $kinds = array_unique(array_map(static fn (CableEnd $cable): string => $cable->construction->design->insulation->isExtruded() ? 'polymeric' : 'paper', $cables));
        if (ConnectorKind::Joint !== $connector->kind || \count($kinds) < 2) {
            return [];
        }

        return [CentreStop::Solid === $connector->specification->stop
            ? Finding::fits(Criterion::ConnectorStop, null, Sentence::plain('A solid stop keeps the oil on the paper side.'))
            : Finding::refused(Criterion::ConnectorStop, null, Sentence::plain('Paper to polymeric needs a solid stop, so that no oil passes; this has none.'))];
    }

    private static function bore(CableEnd $cable, Connector $connector): Finding
    {
        return DiameterFit::judge(Criterion::ConnectorBore, $cable, LayerKind::Conductor, Range::atMost($connector->bore), 'the bore');
    }

    private static function inKit(Connector $connector, KitSize $size): FitReport
    {
        $name = $connector->kind->label();

        return FitReport::of(
            self::dimension(Criterion::ConnectorDiameter, "The $name is {is:fine} thick", $connector->diameter, $size->connectorDiameter, $size->label),
            self::dimension(Criterion::ConnectorLength, "The $name is {is:fine} long", $connector->length, $size->connectorLength, $size->label),
        );
    }

    /** @return list<Finding> what is parked before the connector slides over it afterwards */
    private static function passed(Connector $connector, KitSheet $sheet, KitSize $size): array
    {
        return array_map(static fn (Part $part): Finding => self::dimension(
            Criterion::PassesConnector, 'The '.$connector->kind->label().' is {is:fine} thick', $connector->diameter, Range::atMost($size->parts[$part->key]->expandedBore), $size->label, 'the '.lcfirst($part->name).', expanded,',
        ), $sheet->parkedParts());
    }

    /** A maker's figure, taken as exact. */
    private static function dimension(Criterion $criterion, string $start, Length $is, Range $takes, string $size, ?string $taker = null): Finding
    {
        $judgement = Judgement::of($is, Length::ofNanometres(0), $takes);
        $values = ['is' => $is, 'least' => $takes->min ?? Length::ofNanometres(0), 'most' => $takes->max ?? $is, 'by' => $judgement->margin->absolute()];
        $limits = null === $takes->min ? 'up to {most:fine}' : '{least:fine} to {most:fine}';
        $text = "$start; ".($taker ?? "size $size")." takes $limits: ".($judgement->margin->isNegative() ? '{by:fine} too '.($judgement->isTooLong() ? 'much.' : 'little.') : '{by:fine} to spare.');

        return Finding::judged($criterion, null, $judgement, Sentence::of($text, $values));
    }
}
