<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\Where;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Margin\Cause;
use Berm\Core\Margin\CauseKind;
use Berm\Core\Margin\Locus;
use Berm\Core\Margin\Margin;
use Berm\Core\Margin\Proof;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** What a rule comes to at one place: what it measures, what is asked, and how much is left. */
final readonly class Ruling
{
    public function __construct(
        public RulingPlace $place,
        public PlaceRule $rule,
        /** Of the item, or of what the sheet's own rule is about. */
        public string $name,
        /** Of what it must cover or meet; empty where there is none. */
        public string $ofName,
        /** What it measures, nominally: a lap, a gap, a distance, a wall, a diameter to spare. */
        public Length $value,
        public Range $window,
        public Margin $margin,
        /** What it measures with its causes; null of diameters and walls. */
        public ?Locus $length,
        /** Where the least is left, of a rule that holds all along: "on the connector". */
        public string $at = '',
        /** False of what every accessory keeps, where the sheet is of the first edition and was never held against it. */
        public bool $isBinding = true,
    ) {
    }

    public function onCore(int $core): self
    {
        $place = $this->place;
        $where = null === $place->where->core ? $place->where : Where::of($place->where->end, $core);

        return new self(
            RulingPlace::of($place->item, $place->rule, $place->of, $where), $this->rule, $this->name, $this->ofName, $this->value,
            $this->window,
            $this->margin, $this->length, $this->at, $this->isBinding,
        );
    }

    /** Whether as much is left, nominally and at the worst. */
    public function comesToTheSameAs(self $other): bool
    {
        $left = static fn (self $one): array => array_map(
            static fn (Length $length): int => $length->nanometres,
            [$one->value, $one->margin->nominal, $one->margin->worst, $one->margin->likely],
        );

        return $left($this) === $left($other);
    }

    public function proof(): Proof
    {
        return $this->margin->proof();
    }

    /** It does not hold even nominally, and it should. */
    public function isShort(): bool
    {
        return $this->isBinding && Proof::Fails === $this->proof();
    }

    /**
     * Nobody goes on before an engineer lets it stand: it does not hold, or most likely will not. What only the instruments leave in
     * doubt is said with their readings, "inside, not proved".
     */
    public function needsEngineer(): bool
    {
        $isUnlikely = Proof::NotLikely === $this->proof() && $this->margin->likelyBut(CauseKind::Reading)->isNegative();

        return $this->isBinding && (Proof::Fails === $this->proof() || $isUnlikely);
    }

    /** It may turn out not to hold, if all that can go against it does: asked once before what cannot be undone. */
    public function isToBeAsked(): bool
    {
        return $this->isBinding && Proof::Likely === $this->proof();
    }

    public function reason(): Sentence
    {
        return RulingInWords::of($this);
    }

    /** "1.2 mm short at the worst; the length of the stress tube takes most, 3 mm"; null where nothing can move it. */
    public function worst(): ?Sentence
    {
        $causes = $this->margin->takesMost();

        $left = $this->margin->worst->isNegative() ? 'short' : 'left';

        return [] === $causes ? null : Sentence::of("{worst:fine} $left at the worst; the {cause} takes most, {takes:fine}.", [
            'worst' => $this->margin->worst->absolute(), 'cause' => $causes[0]->inWords(), 'takes' => $this->margin->most(),
        ]);
    }

    public function withWorst(): Sentence
    {
        return Sentence::of('{rule} {worst}', ['rule' => $this->reason(), 'worst' => $this->worst() ?? '']);
    }

    public function asked(): string|Length|Sentence
    {
        return null === $this->window->max && null !== $this->window->min
            ? $this->window->min
            : Limits::of($this->window->min, $this->window->max) ?? '';
    }

    /** @return list<Cause> */
    public function takesMost(): array
    {
        return $this->margin->takesMost();
    }
}
