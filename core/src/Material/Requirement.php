<?php

declare(strict_types=1);

namespace Berm\Core\Material;

use Berm\Core\Kit\Stock;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/** What an accessory takes of one stock, against what the box holds. */
final readonly class Requirement
{
    private function __construct(
        public Stock $stock,
        /** Of what is wound from it, as supplied; null of what comes in pieces. */
        public ?Length $length,
        /** What all pieces in the box come to; null of what comes in pieces, or where the leaflet does not say. */
        public ?Length $has,
        /** Pieces that are taken. */
        public int $pieces,
        /** Pieces in the box. */
        public int $count,
        /** @var list<string> names of the items that take it */
        public array $takers,
        /** @var list<string> where each piece goes: "spring, end A, core 2"; empty of what is wound */
        public array $places,
    ) {
    }

    /**
     * @param list<string> $takers
     * @param list<string> $places where each piece goes
     */
    public static function ofPieces(Stock $stock, int $pieces, int $count, array $takers, array $places): self
    {
        return new self($stock, null, null, $pieces, $count, $takers, $places);
    }

    /**
     * Pieces may be continued one after the other.
     *
     * @param list<string> $takers
     */
    public static function ofLength(Stock $stock, Length $length, int $count, array $takers): self
    {
        $each = $stock->length();
        $pieces = null === $each || 0 === $each->nanometres ? 0 : (int) ceil($length->nanometres / $each->nanometres);

        return new self($stock, $length, $each?->times($count), $pieces, $count, $takers, []);
    }

    /** By how much the box is short; null where it is not. */
    public function lacking(): Length|int|null
    {
        if (null !== $this->length) {
            $lacking = null === $this->has ? null : $this->length->minus($this->has);

            return null !== $lacking && $lacking->nanometres > 0 ? $lacking : null;
        }

        return $this->pieces > $this->count ? $this->pieces - $this->count : null;
    }

    /** What is over once everything is in its place. */
    public function left(): Length|int
    {
        return null === $this->length ? $this->count - $this->pieces : ($this->has ?? $this->length)->minus($this->length);
    }

    /** "Springs: 1 more over than there should be. Look at …" where so many pieces were found at the end; null where that is right. */
    public function missed(int $found): ?Sentence
    {
        $left = $this->left();
        $more = \is_int($left) ? $found - max(0, $left) : 0;

        return 0 >= $more ? null : Sentence::of('{name}: {more} more over than there should be. Look at {places}.', [
            'more' => $more, 'name' => $this->stock->name, 'places' => implode('; ', array_unique($this->places)),
        ]);
    }

    /** "The box is 0.4 m short of stress mastic: it needs …" */
    public function shortage(): ?Sentence
    {
        $lacking = $this->lacking();

        return null === $lacking ? null : Sentence::of(
            $lacking instanceof Length
                ? 'The box is {lacking} short of {name}: {needed} are needed for {takers}, and it holds {has}.'
                : '{lacking} {name} too few in the box: {pieces} are needed for {takers}, and it holds {count}.',
            [
                'lacking' => $lacking, 'name' => lcfirst($this->stock->name), 'needed' => $this->length ?? Length::ofNanometres(0),
                'has' => $this->has ?? Length::ofNanometres(0), 'pieces' => $this->pieces, 'count' => $this->count,
                'takers' => implode(', ', array_map(lcfirst(...), $this->takers)),
            ],
        );
    }
}
