<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\Unsettled;
use Berm\Core\Cable\Comparison;
use Berm\Core\Fit\FitReport;
use Berm\Core\Job\Completion;
use Berm\Core\Job\Plan;
use Berm\Core\Job\Step;
use Berm\Core\Record\Fact;
use Berm\Core\Record\Facts;

/** All that follows from a job and its log, as the page reads it: the same wherever the core runs. */
final class PlanJson
{
    /** @return array<string, mixed> */
    public static function of(Plan $plan): array
    {
        $build = $plan->build;
        $left = $build->left();

        return [
            'ends' => array_values(array_map(CableJson::end(...), $plan->job->cables)),
            'kit' => null === $plan->job->sheet || null === $plan->job->size ? null : KitJson::size($plan->job->sheet, $plan->job->size),
            'asked' => AskedJson::of($plan),
            'connector' => null === $plan->job->connector ? null : ConnectorJson::of($plan->job->connector),
            'comparison' => self::comparison($plan),
            'dewPointCelsius' => $plan->job->site->weather->dewPoint(),
            'fit' => [
                'cables' => FitJson::of($plan->cableFit ?? FitReport::of()),
                'kit' => FitJson::of($plan->wholeKitFit()),
                'connector' => FitJson::of($plan->connectorFit),
            ],
            'markOut' => MarkOutJson::of($plan),
            'parking' => ParkingJson::of($plan),
            'section' => SectionJson::of($plan),
            'materials' => array_map(MaterialJson::of(...), $plan->materials),
            'stages' => StageJson::of($plan),
            'left' => null === $left ? null : [
                'at' => $left->entry->doneAt()->format(\DATE_ATOM), 'by' => $left->entry->by,
                'covered' => $left->event->covered, 'to' => $left->event->to,
            ],
            'safety' => null === $build->safety ? null : [
                'permit' => $build->safety->permit, 'confirmedBy' => $build->safety->confirmedBy,
                'confirmedAt' => $build->safety->confirmedAt->format(\DATE_ATOM),
                'endsAt' => $build->safety->endsAt?->format(\DATE_ATOM),
            ],
            'calls' => SaidJson::calls($plan),
            'pictures' => SaidJson::pictures($plan),
            'unsettled' => array_map(
                static fn (Unsettled $one): array => ['counts' => $one->counts->id, 'asked' => $one->asked->id, 'by' => $one->asked->by],
                $build->unsettled,
            ),
            'leaflet' => self::leaflet($plan),
            'connectorFitted' => null === $build->connector ? null : ['batch' => $build->connector->batch],
            'kitDated' => null === $build->kitDate() ? null : $build->kitDate()->event->write(),
            'boxOpened' => null !== $build->box(),
            'facts' => array_map(
                static fn (Fact $fact): array => ['label' => SentenceJson::of($fact->label), 'value' => SentenceJson::of($fact->value)],
                Facts::of($plan),
            ),
            ...self::standing($plan),
        ];
    }

    /**
     * What is in the way, what is next, and whether it is complete.
     *
     * @return array<string, mixed>
     */
    public static function standing(Plan $plan): array
    {
        return [
            'obstacles' => array_map(ObstacleJson::of(...), $plan->obstacles),
            'steps' => array_map(static fn (Step $step): array => ['step' => $step->value, 'done' => $plan->isDone($step)], Step::cases()),
            'next' => NextJson::of($plan->next()),
            'completion' => self::completion($plan->completion()),
        ];
    }

    /** @return array<string, mixed> */
    private static function completion(Completion $completion): array
    {
        return [
            'complete' => $completion->isComplete(), 'done' => $completion->isDone(),
            'open' => $completion->open, 'all' => $completion->all,
            'sentence' => SentenceJson::of($completion->sentence()),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function comparison(Plan $plan): array
    {
        $cables = $plan->job->allCables() ?? [];

        return isset($cables[1]) ? array_map(SentenceJson::of(...), Comparison::of($cables[0], $cables[1])) : [];
    }

    /** @return array<string, mixed> */
    private static function leaflet(Plan $plan): array
    {
        $read = $plan->build->leaflet();

        return [
            'sheet' => $plan->sheet->leaflet ?? '', 'read' => $read?->event->edition, 'by' => $read?->entry->by,
            'isOther' => $plan->build->isOtherLeaflet($plan->sheet), 'compared' => $plan->build->compared()?->event->reason,
        ];
    }
}
