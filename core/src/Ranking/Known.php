<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\MeasuredDiameter;
use Berm\Core\Quantity\Length;
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
        /** What counts where this one is too thin: it was read on a layer beneath. Null: this counts. */
        public ?self $otherwise,
        /** Of the cable type, in nanometres; null where it was measured or is not given. */
        public ?int $nominal = null,
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
            return self::measured($measured, null);
        }
        $expected = $cable->construction->design->isMeasurable($layer) ? self::within(
            $cable->construction->layers[$layer->value]->window ?? null, $cable->construction->diameterOver($layer),
        ) : null;
        $substitute = $question->seat->substituteFor($cable, $layer);
        $beneath = null === $substitute ? null : $cable->asFound->diameterOver($substitute);

        return null === $beneath || null === $expected ? $expected : self::measured($beneath, $expected);
    }

    private static function measured(MeasuredDiameter $diameter, ?self $otherwise): self
    {
        return new self(true, $diameter->mean->nanometres, $diameter->mean->nanometres, $diameter->uncertainty->nanometres, $otherwise);
    }

    private static function within(?Range $window, ?Length $nominal): self
    {
        return new self(
            false, $window->min->nanometres ?? -Column::OPEN, $window->max->nanometres ?? Column::OPEN, 0, null, $nominal?->nanometres,
        );
    }
}
