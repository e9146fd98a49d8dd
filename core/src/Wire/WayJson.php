<?php

declare(strict_types=1);

namespace Berm\Core\Wire;

use Berm\Core\Build\Task;
use Berm\Core\File\LogFile;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Length;
use Berm\Core\Rework\Choice;
use Berm\Core\Rework\Comes;
use Berm\Core\Rework\Cost;
use Berm\Core\Rework\KitAtHand;
use Berm\Core\Rework\Sawing;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WorkAnew;
use Berm\Core\Section\Interval;
use Berm\Core\Section\PlacedItem;

/** Ways on from what is out. */
final class WayJson
{
    /** So many steps that are done again are named. */
    private const ANEW = 60;

    /**
     * @param list<Way> $ways
     * @param Plan      $plan as things stand
     * @param int       $core that is drawn
     *
     * @return array<string, mixed>
     */
    public static function all(array $ways, Plan $plan, int $core): array
    {
        return [
            'ways' => array_map(static fn (Way $way): array => self::of($way, $plan, $core), $ways),
            'lies' => self::lies(Comes::to($plan), $core),
        ];
    }

    /** @return array<string, mixed> */
    private static function of(Way $way, Plan $plan, int $core): array
    {
        $thinnest = $way->thinnest();

        return [
            'kind' => $way->kind->value, 'title' => SentenceJson::of($way->title), 'does' => SentenceJson::of($way->does),
            'by' => $way->by->value, 'refusal' => null === $way->refusal ? null : SentenceJson::of($way->refusal),
            'thinnest' => null === $thinnest ? null : SentenceJson::of($thinnest->withWorst()),
            'cost' => self::cost($way->cost), 'kept' => array_map(self::mark(...), $way->comes->kept ?? []),
            'again' => array_map(self::mark(...), $way->comes->again ?? []),
            'anew' => array_map(
                static fn (Task $task): array => SentenceJson::of($task->title),
                null === $way->comes || !$way->isOne() ? [] : \array_slice(WorkAnew::tasks($plan, $way->comes->plan), 0, self::ANEW),
            ),
            'leftSeconds' => null === $way->comes ? null : WorkAnew::left($way->comes->plan)?->seconds,
            ...self::choice($way->choice), 'lies' => null === $way->comes ? null : self::lies($way->comes, $core),
        ];
    }

    /** @return array<string, mixed> */
    private static function cost(Cost $cost): array
    {
        $parts = array_count_values($cost->parts);

        return [
            'connectors' => $cost->connectors, 'kits' => $cost->kits,
            'parts' => array_map(
                static fn (string $name, int $count): array => ['name' => $name, 'count' => $count], array_keys($parts), $parts,
            ),
            'cableMm' => $cost->cable->inMillimetres(), 'workSeconds' => $cost->work?->seconds,
        ];
    }

    /** @return array<string, mixed> */
    private static function choice(Choice $choice): array
    {
        $connector = $choice->connector?->revision;

        return [
            'sawing' => null === $choice->sawing ? null : self::sawing($choice->sawing),
            'writes' => null === $choice->writes ? null : LogFile::writeEvent($choice->writes),
            'connector' => null === $connector ? null : ['id' => $connector->id, 'revision' => $connector->number],
            'kit' => null === $choice->kit ? null : self::kit($choice->kit),
        ];
    }

    /** @return array<string, mixed> */
    private static function kit(KitAtHand $kit): array
    {
        return [
            'id' => $kit->sheet->revision->id, 'revision' => $kit->sheet->revision->number, 'size' => $kit->size->label,
            'expiresOn' => $kit->expires?->format('Y-m-d'),
        ];
    }

    /** @return array<string, mixed> */
    private static function sawing(Sawing $sawing): array
    {
        return [
            'off' => array_map(
                static fn (string $end, Length $amount): array => ['end' => $end, 'amountMm' => $amount->inMillimetres()],
                array_keys($sawing->amounts), $sawing->amounts,
            ),
            'leastMm' => MarkOutJson::millimetres($sawing->window?->min), 'mostMm' => MarkOutJson::millimetres($sawing->window?->max),
        ];
    }

    /** @return array<string, mixed> */
    private static function mark(Mark $mark): array
    {
        return [
            'end' => $mark->place->end->value, 'cut' => $mark->place->cut->value, 'core' => $mark->place->core,
            'atMm' => $mark->at->inMillimetres(),
        ];
    }

    /** @return array<string, mixed>|null where the layers of a core and its connector lie, and the part whose rule is the thinnest */
    private static function lies(Comes $comes, int $core): ?array
    {
        $section = $comes->plan->sectionOf($core);
        $part = $comes->thinnest?->place->item;

        return null === $section ? null : [
            'layers' => array_map(self::layer(...), $section->layers), 'connector' => self::layer($section->connector),
            'parts' => array_map(static fn (PlacedItem $placed): array => [
                'name' => $placed->item->name, 'fromMm' => $placed->from->nominal->inMillimetres(),
                'toMm' => $placed->to->nominal->inMillimetres(),
            ], array_values(array_filter($section->items, static fn (PlacedItem $placed): bool => $placed->item->key === $part))),
        ];
    }

    /** @return array<string, mixed> */
    private static function layer(Interval $interval): array
    {
        return [
            'key' => $interval->key(), 'end' => $interval->end?->value, 'fromMm' => $interval->from->inMillimetres(),
            'toMm' => $interval->to->inMillimetres(), 'radiusMm' => $interval->radius->inMillimetres(),
        ];
    }
}
