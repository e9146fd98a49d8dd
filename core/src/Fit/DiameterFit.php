<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Sentence;

/** Holds the diameter over a layer against what something takes. Only a measured diameter decides: a kit fits a diameter, not a name. */
final class DiameterFit
{
    /**
     * @param string $taker what sets the limit, as the sentence names it: "size 2"; a maker's own word, so a value and no part of a
     *                      template
     */
    public static function judge(Criterion $criterion, CableEnd $cable, LayerKind $layer, Range $range, string $taker): Finding
    {
        $measured = $cable->asFound->diameterOver($layer);
        if (null === $measured) {
            return self::unmeasured($criterion, $cable, $layer, $range, $taker);
        }
        $judgement = Judgement::of($measured->mean, $measured->uncertainty, $range);

        return Finding::judged($criterion, $cable->end, $judgement, self::sentence($judgement, $layer, $taker));
    }

    private static function unmeasured(Criterion $criterion, CableEnd $cable, LayerKind $layer, Range $range, string $taker): Finding
    {
        if (!$cable->construction->design->isMeasurable($layer)) {
            $says = Sentence::of(
                'The core is sector-shaped, so no diameter is held against {taker}: the conductor size decides.', ['taker' => $taker],
            );

            return Finding::fits($criterion, $cable->end, $says);
        }
        $expected = $cable->construction->layers[$layer->value]->window ?? null;
        $nominal = $cable->construction->diameterOver($layer);
        $name = self::name($layer);
        if (null === $nominal) {
            $says = Sentence::of(
                "Measure over the $name: this cable type does not give it, and {taker} takes ".self::limitsText($range).'.',
                ['taker' => $taker, ...self::limits($range)],
            );

            return Finding::unmeasured($criterion, $cable->end, new Needed($layer, false), $says);
        }
        $values = ['nominal' => $nominal, 'taker' => $taker, ...self::limits($range)];
        if (null !== $expected && !$range->meets($expected)) {
            return Finding::refused(
                $criterion,
                $cable->end,
                Sentence::of(
                    "Not measured. This cable type has {nominal:fine} over the $name; {taker} takes ".self::limitsText($range).'.', $values,
                ),
            );
        }
        $hope = match (true) {
            null !== $expected && $range->containsRange($expected) => 'It should fit',
            $range->contains($nominal) => 'It may or may not fit',
            default => 'It likely does not fit',
        };
        $says = Sentence::of(
            "Measure over the $name. $hope: this cable type has {nominal:fine}, {taker} takes ".self::limitsText($range).'.', $values,
        );

        return Finding::unmeasured($criterion, $cable->end, new Needed($layer, !$range->contains($nominal)), $says);
    }

    private static function sentence(Judgement $judgement, LayerKind $layer, string $taker): Sentence
    {
        $name = self::name($layer);
        $values = [
            'taker' => $taker,
            'measured' => $judgement->value,
            'by' => $judgement->margin->absolute(),
            'uncertainty' => $judgement->uncertainty,
            ...self::limits($judgement->window),
        ];
        $takes = "Over the $name {measured:fine}; {taker} takes ".self::limitsText($judgement->window);

        return Sentence::of(match (true) {
            $judgement->isOutWithinUncertainty() => "$takes: {by:fine} too ".($judgement->isTooLong() ? 'large' : 'small').', by less than the ± {uncertainty:fine} of the reading. Measure again with something finer.',
            $judgement->margin->isNegative() => "$takes: {by:fine} too ".($judgement->isTooLong() ? 'large' : 'small').'.',
            $judgement->margin->isLessThan($judgement->uncertainty) => "$takes: inside by {by:fine}, less than the ± {uncertainty:fine} of the reading. Measure again with something finer.",
            default => "$takes: {by:fine} to spare.",
        }, $values);
    }

    private static function name(LayerKind $layer): string
    {
        return '['.$layer->label().']';
    }

    private static function limitsText(Range $range): string
    {
        return match (true) {
            null === $range->min => 'up to {most:fine}',
            null === $range->max => 'at least {least:fine}',
            default => '{least:fine} to {most:fine}',
        };
    }

    /** @return array<string, Length> */
    private static function limits(Range $range): array
    {
        return array_filter(['least' => $range->min, 'most' => $range->max], static fn (?Length $limit): bool => null !== $limit);
    }
}
