<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\Choice;
use App\UseCase\Choices;
use Berm\Core\Wire\ConnectorJson;
use Berm\Core\Wire\FitJson;
use Berm\Core\Wire\KitJson;

/** What could be chosen for a job, as lists show it. */
final class ChoiceJson
{
    /** @return array<string, mixed> */
    public static function page(Choices $choices): array
    {
        return [
            'choices' => array_map(self::choice(...), $choices->choices),
            'total' => $choices->total, 'possible' => $choices->possible, 'page' => $choices->page, 'perPage' => Choices::PER_PAGE,
        ];
    }

    /** @return array<string, mixed> */
    private static function choice(Choice $choice): array
    {
        return [
            'kit' => null === $choice->sheet || null === $choice->size ? null : KitJson::size($choice->sheet, $choice->size),
            'connector' => null === $choice->connector ? null : ConnectorJson::of($choice->connector),
            ...self::standing($choice),
            'connectorsThatGo' => $choice->connectorsThatGo,
            'with' => null === $choice->with?->connector ? null : [
                'connector' => ConnectorJson::of($choice->with->connector), ...self::standing($choice->with),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function standing(Choice $choice): array
    {
        [$worst, $thinnest] = [$choice->fit->worst(), $choice->fit->thinnest()];

        return [
            'outcome' => $choice->fit->outcome()->value,
            'against' => $choice->fit->refusals(),
            'open' => $choice->fit->obstacles() - $choice->fit->refusals(),
            'worst' => null === $worst ? null : FitJson::finding($worst),
            'thinnest' => null === $thinnest ? null : FitJson::finding($thinnest),
        ];
    }
}
