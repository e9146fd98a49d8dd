<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

use Berm\Core\Cable\LayerKind;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** How one measured layer agrees with one construction. */
final readonly class Agreement
{
    private function __construct(
        public LayerKind $kind,
        /** Null where the construction does not give this layer. */ public ?Judgement $judgement,
        public Sentence $reason,
    ) {
    }

    public static function of(Catalogue $catalogue, Step $step, int $i): self
    {
        $limits = self::limits($catalogue, $step, $i);
        if (null === $limits) {
            return new self(
                $step->kind, null, Sentence::plain(\sprintf('This type gives nothing to hold the [%s] against.', $step->kind->label())),
            );
        }
        // A wall is half of what the diameter grows by.
        $share = null === $step->beneath ? 1 : 2;
        [$value, $uncertainty, $nominal, $least, $greatest] = array_map(
            static fn (int $nanometres): Length => Length::ofNanometres(intdiv($nanometres, $share)),
            [$step->growth, $step->uncertainty, ...$limits],
        );
        $judgement = Judgement::of($value, $uncertainty, Range::between($least, $greatest));
        $what = null === $step->beneath
            ? "Over the [{$step->kind->label()}]"
            : "From the [{$step->beneath->label()}] to the [{$step->kind->label()}], a wall of";

        return new self(
            $step->kind,
            $judgement,
            Sentence::of(
                "$what {value:fine}; this type has {nominal:fine}, from {least:fine} to {most:fine}.",
                ['value' => $value, 'nominal' => $nominal, 'least' => $least, 'most' => $greatest],
            ),
        );
    }

    public function isContradicted(): bool
    {
        return Verdict::Out === $this->judgement?->verdict && !$this->judgement->isOutWithinUncertainty();
    }

    /** @return array{int, int, int}|null nominal, least and greatest growth in nanometres */
    private static function limits(Catalogue $catalogue, Step $step, int $i): ?array
    {
        [$kind, $beneath] = [$step->kind->value, $step->beneath?->value];
        if (0 === $catalogue->nominal[$kind][$i] || null !== $beneath && 0 === $catalogue->nominal[$beneath][$i]) {
            return null;
        }
        $under = null === $beneath ? [0, 0, 0] : [
            $catalogue->nominal[$beneath][$i], $catalogue->least[$beneath][$i], $catalogue->greatest[$beneath][$i],
        ];
        $bounds = [$catalogue->least[$kind][$i] - $under[1], $catalogue->greatest[$kind][$i] - $under[2]];

        return [$catalogue->nominal[$kind][$i] - $under[0], min($bounds), max($bounds)];
    }
}
