<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Condition;
use Berm\Core\Cable\Handling;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MeasuredWall;
use Berm\Core\Cable\Standard\Iec60502;
use Berm\Core\Cable\Standard\Standards;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureDifference;
use Berm\Core\Quantity\UnitSlip;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;
use Berm\Core\Site\Sweating;
use Berm\Core\Site\Weather;

/** Is the cable what it is called, is it sound, and can it be opened in this weather? */
final class CableFit
{
    public static function judge(CableEnd $cable, Weather $weather): FitReport
    {
        return FitReport::of(
            ...self::named($cable), ...self::walls($cable), ...self::conditions($cable), ...self::warmth($cable, $weather),
        );
    }

    /** @return list<Finding> */
    private static function named(CableEnd $cable): array
    {
        $findings = [];
        foreach ($cable->construction->layers as $layer) {
            $measured = $cable->asFound->diameterOver($layer->kind);
            if (null === $measured || null === $layer->window || $layer->window->contains($measured->mean)) {
                continue;
            }
            $findings[] = Finding::refused(
                Criterion::CableAsNamed, $cable->end, self::misnamed($layer->kind, $measured->mean, $layer->window),
            )->asWarning();
        }

        return $findings;
    }

    private static function misnamed(LayerKind $layer, Length $measured, Range $window): Sentence
    {
        $mended = UnitSlip::mended($measured, $window);
        $values = [
            'measured' => $measured,
            'least' => $window->min ?? $measured,
            'most' => $window->max ?? $measured,
            'mended' => $mended ?? $measured,
        ];

        return Sentence::of('Over the ['.$layer->label().'] {measured:fine}; this cable type allows {least:fine} to {most:fine}. '.(
            null === $mended
                ? 'Check the name on the drum.'
                : 'Was it typed in the other unit? It would then be {mended:fine}, which agrees.'
        ), $values);
    }

    /** @return list<Finding> */
    private static function walls(CableEnd $cable): array
    {
        $wall = $cable->asFound->wall();
        $limits = Standards::insulationWall($cable->construction->design);
        if (null === $wall || null === $limits) {
            return [];
        }
        $judgement = Judgement::of($wall->least, $wall->uncertainty, Range::atLeast($limits[1]));
        $values = ['least' => $wall->least, 'needed' => $limits[1], 'nominal' => $limits[0]];
        $thin = Finding::judged(
            Criterion::InsulationWall,
            $cable->end,
            $judgement,
            Sentence::of('Thinnest point {least:fine}; {nominal:fine} nominal may go down to {needed:fine}.', $values),
        );

        return [$thin->asWarning(), ...self::eccentricity($cable, $wall)];
    }

    /** @return list<Finding> */
    private static function eccentricity(CableEnd $cable, MeasuredWall $wall): array
    {
        if ($wall->count < 4) {
            return [
                Finding::undecided(
                    Criterion::Eccentricity,
                    $cable->end,
                    Sentence::plain(
                        'Read the wall at four points round one section or more to tell how far the conductor is off the middle.',
                    ),
                )->asWarning(),
            ];
        }
        $values = ['is' => \sprintf('%.0f', 100 * $wall->eccentricity), 'most' => \sprintf('%.0f', 100 * Iec60502::greatestEccentricity())];
        $sentence = Sentence::of('The wall varies by {is} % of its greatest; IEC 60502-2 allows {most} %.', $values);

        return [
            ($wall->eccentricity <= Iec60502::greatestEccentricity() ? Finding::fits(
                Criterion::Eccentricity, $cable->end, $sentence,
            ) : Finding::refused(Criterion::Eccentricity, $cable->end, $sentence))->asWarning(),
        ];
    }

    /** @return list<Finding> */
    private static function conditions(CableEnd $cable): array
    {
        $bad = array_filter(
            Condition::cases(),
            static fn (Condition $condition): bool => $condition->appliesTo($cable->construction->design)
                && false === $cable->asFound->isSo($condition),
        );

        return array_values(array_map(
            static fn (Condition $condition): Finding => Finding::refused(
                Criterion::CableCondition, $cable->end, Sentence::plain($condition->mend()),
            ),
            $bad,
        ));
    }

    /** @return list<Finding> */
    private static function warmth(CableEnd $cable, Weather $weather): array
    {
        return [...self::sweating($cable, $weather), ...self::handling($cable)];
    }

    /** @return list<Finding> */
    private static function sweating(CableEnd $cable, Weather $weather): array
    {
        $surface = $cable->asFound->surface;
        $margin = Sweating::margin($weather, $surface);
        if (null === $margin || null === $surface) {
            $isBegun = null !== $surface || null !== $weather->air || null !== $weather->humidity;

            return $isBegun ? [
                Finding::undecided(
                    Criterion::Sweating,
                    $cable->end,
                    Sentence::plain(
                        'To tell whether the cable will sweat, read all three: the air, its humidity, and the cable’s surface.',
                    ),
                )->asWarning(),
            ] : [];
        }
        $values = [
            'surface' => $surface,
            'dew' => Temperature::ofCelsius($weather->dewPoint() ?? 0.0),
            'by' => TemperatureDifference::ofKelvins($margin + Sweating::MARGIN),
            'needed' => TemperatureDifference::ofKelvins(Sweating::MARGIN),
        ];
        $is = 'The surface at {surface} lies {by} above the dew point of {dew}';

        return [match (Sweating::verdict($margin)) {
            Verdict::Inside => Finding::fits(Criterion::Sweating, $cable->end, Sentence::of("$is: it stays dry.", $values)),
            Verdict::NotProved => Finding::unproved(
                Criterion::Sweating,
                $cable->end,
                Sentence::of("$is, hardly more than the {needed} it needs. Read again with something finer, or warm it a little.", $values),
            ),
            Verdict::Out => Finding::refused(
                Criterion::Sweating,
                $cable->end,
                Sentence::of(
                    $margin + Sweating::MARGIN < 0

                                ? 'The surface at {surface} lies below the dew point of {dew}: it is wet or will be. Warm and dry it under a tent before it is opened.'
                        : "$is: it needs {needed}. Warm it, or dry the air under a tent, before it is opened.",
                    $values,
                ),
            ),
        }];
    }

    /** @return list<Finding> */
    private static function handling(CableEnd $cable): array
    {
        $surface = $cable->asFound->surface;
        $handling = Handling::of($cable->construction->design);
        if (null === $surface || $surface->celsius >= $handling->lowestCelsius) {
            return [];
        }
        $values = ['surface' => $surface, 'lowest' => Temperature::ofCelsius($handling->lowestCelsius)];

        return [Finding::refused(
            Criterion::HandlingTemperature,
            $cable->end,
            Sentence::of('The cable is at {surface}; below {lowest} it must not be bent. Warm it through first.', $values),
        )];
    }
}
