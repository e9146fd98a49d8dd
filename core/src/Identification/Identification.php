<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

/**
 * Ranks a catalogue by how well it agrees with a cable.
 *
 * A window is taken as two standard deviations to either side, combined with the readings' own; the score is minus twice the logarithm of
 * the likelihood. Source: textbook maximum likelihood; no figure of it is shown, only the order and each layer's own verdict.
 */
final class Identification
{
    /** One gross reading must not outvote all others: what a layer can cost is capped. */
    private const MOST_PER_LAYER = 30.0;
    /** The eye errs less than a hasty caliper. */
    private const CONTRADICTION = 24.0;
    private const LEAST_SIGMA = 50_000;

    /** @return list<Candidate> the best first, at most $most */
    public static function rank(Catalogue $catalogue, Evidence $evidence, int $most): array
    {
        if ($evidence->isEmpty()) {
            return [];
        }
        $scores = self::scores($catalogue, $evidence);
        asort($scores);
        $candidates = [];
        foreach (\array_slice($scores, 0, $most, true) as $i => $score) {
            $candidates[] = Candidate::of($catalogue, $evidence, $i, $score);
        }

        return $candidates;
    }

    /** @return array<int, float> by place in the catalogue, lower is better */
    private static function scores(Catalogue $catalogue, Evidence $evidence): array
    {
        $scores = self::seen($catalogue, $evidence);
        $zeros = array_fill(0, $catalogue->count(), 0);
        foreach ($evidence->steps as $step) {
            [$kind, $beneath] = [$step->kind->value, $step->beneath?->value];
            [$nominal, $least, $greatest] = [$catalogue->nominal[$kind], $catalogue->least[$kind], $catalogue->greatest[$kind]];
            [$nominalBeneath, $leastBeneath, $greatestBeneath] = null === $beneath ? [$zeros, $zeros, $zeros] : [
                $catalogue->nominal[$beneath], $catalogue->least[$beneath], $catalogue->greatest[$beneath],
            ];
            [$growth, $noise] = [$step->growth, ($step->uncertainty / 2) ** 2];
            foreach ($scores as $i => $score) {
                if (0 === $nominal[$i] || null !== $beneath && 0 === $nominalBeneath[$i]) {
                    $scores[$i] = $score + self::MOST_PER_LAYER;
                    continue;
                }
                $sigma = max(self::LEAST_SIGMA, ($greatest[$i] - $greatestBeneath[$i] - $least[$i] + $leastBeneath[$i]) / 4);
                $variance = $sigma * $sigma + $noise;
                $off = $growth - $nominal[$i] + $nominalBeneath[$i];
                // ln of the variance in mm² keeps a type with wide limits from winning by their width.
                $scores[$i] = $score + min(self::MOST_PER_LAYER, $off * $off / $variance + log($variance / 1e12));
            }
        }

        return $scores;
    }

    /** @return array<int, float> */
    private static function seen(Catalogue $catalogue, Evidence $evidence): array
    {
        $seen = $evidence->seen;
        if ($seen->isEmpty()) {
            return array_fill(0, $catalogue->count(), 0.0);
        }

        $costs = array_map(
            static fn (Features $features): float => self::CONTRADICTION * \count(Sight::contradictions($seen, $features)),
            $catalogue->looks,
        );

        return array_map(static fn (int $look): float => $costs[$look], $catalogue->look);
    }
}
