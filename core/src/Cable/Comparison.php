<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** The two cables of a joint side by side: what differs and what follows from it. */
final class Comparison
{
    /** Walls that differ by less are the same to every part that goes over them. Source: common practice. */
    private const SAME_WALL_MICROMETRES = 500;

    /** @return list<Sentence> */
    public static function of(CableEnd $a, CableEnd $b): array
    {
        [$one, $other] = [$a->construction->design, $b->construction->design];

        return array_values(array_filter([
            self::materials($one, $other),
            self::sizes($one, $other),
            self::shapes($one, $other),
            self::insulations($one, $other),
            self::walls($a, $b),
            self::screens($one, $other),
            self::voltages($one, $other),
            self::cores($one, $other),
        ]));
    }

    private static function materials(Design $one, Design $other): ?Sentence
    {
        return $one->conductor->material === $other->conductor->material ? null : Sentence::plain(\sprintf(
            '%s to %s: the connector must be bimetallic or rated for both.',
            ucfirst($one->conductor->material->value),
            $other->conductor->material->value,
        ));
    }

    private static function sizes(Design $one, Design $other): ?Sentence
    {
        [$small, $large] = $one->conductor->size->isAtMost($other->conductor->size) ? [$one, $other] : [$other, $one];

        return $large->conductor->size->isAtMost($small->conductor->size) ? null : Sentence::of(
            '{small} to {large}: the connector must take both, and its bore must grip the smaller.',
            ['small' => $small->conductor->size->label, 'large' => $large->conductor->size->label],
        );
    }

    private static function shapes(Design $one, Design $other): ?Sentence
    {
        $isSector = static fn (Design $design): bool => ConductorShape::Sector === $design->conductor->shape;

        return $isSector($one) === $isSector($other) ? null : Sentence::plain(
            'Sector to round: the sector must be pressed round first, or the connector made for sectors.',
        );
    }

    private static function insulations(Design $one, Design $other): ?Sentence
    {
        if ($one->insulation->isExtruded() !== $other->insulation->isExtruded()) {
            return Sentence::of(
                '{one} to {other}: this is a transition joint. Oil must be kept in on the paper side, and the connector needs a solid centre stop.',
                ['one' => $one->insulation->label(), 'other' => $other->insulation->label()],
            );
        }

        return $one->insulation === $other->insulation ? null : Sentence::of(
            '{one} to {other}: the kit must name both.', ['one' => $one->insulation->label(), 'other' => $other->insulation->label()],
        );
    }

    private static function walls(CableEnd $a, CableEnd $b): ?Sentence
    {
        $ofA = $a->thickness(LayerKind::Conductor, LayerKind::Insulation);
        $ofB = $b->thickness(LayerKind::Conductor, LayerKind::Insulation);
        if (null === $ofA || null === $ofB) {
            return null;
        }
        $by = $ofA->minus($ofB)->absolute();

        return $by->isLessThan(Length::ofMicrometres(self::SAME_WALL_MICROMETRES)) ? null : Sentence::of(
            'The insulation is {by:fine} thicker at end {end}: {a:fine} against {b:fine}. Set the stripper for each end, and look that one size of tube grips both.',
            ['by' => $by, 'end' => $ofB->isLessThan($ofA) ? 'A' : 'B', 'a' => $ofA, 'b' => $ofB],
        );
    }

    private static function screens(Design $one, Design $other): ?Sentence
    {
        return $one->metallicScreen === $other->metallicScreen ? null : Sentence::of(
            '{one} to {other}: the [metallic screen] connection must suit both.',
            ['one' => ucfirst($one->metallicScreen->label()), 'other' => $other->metallicScreen->label()],
        );
    }

    private static function voltages(Design $one, Design $other): ?Sentence
    {
        return $one->voltage->highestVolts === $other->voltage->highestVolts && $one->level === $other->level ? null : Sentence::of(
            '{one} to {other}: the [joint] is no better than the lower of them.',
            ['one' => self::rating($one), 'other' => self::rating($other)],
        );
    }

    private static function rating(Design $design): string
    {
        return $design->voltage->label.(null === $design->level ? '' : " {$design->level->value} %");
    }

    private static function cores(Design $one, Design $other): ?Sentence
    {
        return $one->cores === $other->cores ? null : Sentence::plain(
            'Three cores to one: each core goes on in a cable of its own, and needs a breakout that seals.',
        );
    }
}
