<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Quantity\Range;

/** What is known of one diameter of a cable: as it was measured, or where its type lets it lie. */
final readonly class Known
{
    private function __construct(
        public bool $isMeasured,
        /** In nanometres; the mean where it was measured. */
        public int $least,
        public int $greatest,
        /** Of the mean, in nanometres. */
        public int $uncertainty,
    ) {
    }

    /** Null where nothing is held against a limit: the cable has no such layer, or a sector-shaped core has no diameter. */
    public static function of(CableEnd $cable, Question $question): ?self
    {
        $layer = $question->seat->layerOf($cable, $question->layer);
        if (null === $layer) {
            return null;
        }
        $measured = $cable->asFound->diameterOver($layer);
        if (null !== $measured) {
            return new self(true, $measured->mean->nanometres, $measured->mean->nanometres, $measured->uncertainty->nanometres);
        }

        return $cable->construction->design->isMeasurable($layer) ? self::within($cable->construction->layers[$layer->value]->window ?? null) : null;
    }

    private static function within(?Range $window): self
    {
        return new self(false, $window->min->nanometres ?? -Column::OPEN, $window->max->nanometres ?? Column::OPEN, 0);
    }
}
