<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Barrel;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorClass;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Sentence;

/** Does this connector or lug take these conductors, and does the kit size take the connector? */
final class ConnectorFit
{
    /** @param list<CableEnd> $cables */
    public static function judge(
        AccessoryFunction $wanted, array $cables, Connector $connector, ?KitSheet $sheet, ?KitSize $size,
    ): FitReport {
        $barrels = $connector->barrels->turnedTo($cables);
        $report = FitReport::of(...ConnectorKinds::of($connector)->judge($wanted, $cables), ...BarrelFit::judge($barrels, $cables));
        foreach ($cables as $cable) {
            $report = $report->and(FitReport::of(self::bore($cable, $barrels->at($cable->end))));
        }

        $report = $report->and(FitReport::of(...self::class($cables, $connector)));

        return null === $size || null === $sheet ? $report : $report->and(self::inKit($connector, $size))->and(FitReport::of(
            ...self::passed($connector, $sheet, $size), ...self::overPad($connector, $sheet, $size),
        ));
    }

    /**
     * Said, and nothing stops: which class is wanted is for the network's owner. Source: IEC 61238-1-3, class A for networks where short
     * circuits are to be borne, class B where they are not.
     *
     * @param list<CableEnd> $cables
     *
     * @return list<Finding> nothing of connectors for AWG and kcmil, which other standards class
     */
    private static function class(array $cables, Connector $connector): array
    {
        $isMetric = [] !== array_filter(
            $cables, static fn (CableEnd $cable): bool => $cable->construction->design->conductor->size->isMetric(),
        );

        return $isMetric ? [match ($connector->specification->class) {
            ConnectorClass::A => Finding::fits(
                Criterion::ConnectorClass, null, Sentence::plain('IEC 61238-1-3 class A: tested with heat cycles and short circuits.'),
            ),
            ConnectorClass::B => Finding::undecided(
                Criterion::ConnectorClass,
                null,
                Sentence::plain(
                    'IEC 61238-1-3 class B: tested with heat cycles, not with short circuits. Ask the network’s owner whether that is enough here.',
                ),
            )->asWarning(),
            null => Finding::undecided(
                Criterion::ConnectorClass, null, Sentence::plain('Its maker does not say to which class of IEC 61238-1-3 it was tested.'),
            )->asWarning(),
        }] : [];
    }

    private static function bore(CableEnd $cable, Barrel $barrel): Finding
    {
        return DiameterFit::judge(Criterion::ConnectorBore, $cable, LayerKind::Conductor, Range::atMost($barrel->bore), 'the bore');
    }

    private static function inKit(Connector $connector, KitSize $size): FitReport
    {
        $name = $connector->kind->label();

        return FitReport::of(
            self::dimension(
                Criterion::ConnectorDiameter, "The $name is {is:fine} thick", $connector->diameter, $size->connectorDiameter, $size->label,
            ),
            self::dimension(
                Criterion::ConnectorLength,
                "The $name is {is:fine} long".self::once($connector),
                $connector->lengthOnceFixed(),
                $size->connectorLength,
                $size->label,
            ),
        );
    }

    private static function once(Connector $connector): string
    {
        return $connector->growth()->equals(Length::ofNanometres(0)) ? '' : ' once it is crimped';
    }

    /** @return list<Finding> what is parked before the connector slides over it afterwards */
    private static function passed(Connector $connector, KitSheet $sheet, KitSize $size): array
    {
        $start = 'The '.$connector->kind->label().' is {is:fine} thick';

        return self::through($sheet->parkedItems(), Criterion::PassesConnector, $start, $connector->diameter, $size);
    }

    /** @return list<Finding> what goes on over the lug must pass its pad; else the lug goes on after it */
    private static function overPad(Connector $connector, KitSheet $sheet, KitSize $size): array
    {
        $pad = $connector->specification->pad;

        return null === $pad
            ? []
            : self::through($sheet->itemsOverConnector(), Criterion::PassesPad, 'The pad is {is:fine} wide', $pad->width, $size);
    }

    /**
     * @param list<Item> $items
     *
     * @return list<Finding>
     */
    private static function through(array $items, Criterion $criterion, string $start, Length $is, KitSize $size): array
    {
        $findings = [];
        foreach ($items as $item) {
            $bore = $size->expandedBore($item);
            $taker = 'the '.lcfirst($item->name).', expanded,';
            $findings = null === $bore ? $findings : [
                ...$findings, self::dimension($criterion, $start, $is, Range::atMost($bore), $size->label, $taker),
            ];
        }

        return $findings;
    }

    /** A maker's figure, taken as exact. */
    private static function dimension(
        Criterion $criterion, string $start, Length $is, Range $takes, string $size, ?string $taker = null,
    ): Finding {
        $judgement = Judgement::of($is, Length::ofNanometres(0), $takes);
        $values = [
            'taker' => $taker ?? "size $size",
            'is' => $is,
            'least' => $takes->min ?? Length::ofNanometres(0),
            'most' => $takes->max ?? $is,
            'by' => $judgement->margin->absolute(),
        ];
        $limits = null === $takes->min ? 'up to {most:fine}' : '{least:fine} to {most:fine}';
        $by = match (true) {
            !$judgement->margin->isNegative() => '{by:fine} to spare.',
            $judgement->isTooLong() => '{by:fine} too much.',
            default => '{by:fine} too little.',
        };

        return Finding::judged($criterion, null, $judgement, Sentence::of("$start; {taker} takes $limits: $by", $values));
    }
}
