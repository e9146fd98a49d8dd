<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Quantity\Length;

/** The barrels of a connector: a lug's one, or the two of a joint connector, which may differ (bimetal, or a large and a small side). */
final readonly class Barrels
{
    private function __construct(
        /** Towards end A. */
        public Barrel $first,
        /** Towards end B; null on a lug. */
        public ?Barrel $other,
    ) {
    }

    public static function ofLug(Barrel $barrel): self
    {
        return new self($barrel, null);
    }

    public static function ofJoint(Barrel $first, Barrel $other): self
    {
        return new self($first, $other);
    }

    public function at(End $end): Barrel
    {
        return End::B === $end ? $this->other ?? $this->first : $this->first;
    }

    /** @return non-empty-list<Barrel> */
    public function all(): array
    {
        return null === $this->other ? [$this->first] : [$this->first, $this->other];
    }

    /** Turning it round changes nothing. */
    public function areAlike(): bool
    {
        return null === $this->other || $this->first->equals($this->other);
    }

    /**
     * Turned so that each side lies to the conductor it is made for: the aluminium side to the aluminium, the large side to the large.
     *
     * @param list<CableEnd> $cables
     */
    public function turnedTo(array $cables): self
    {
        $isTurned = null !== $this->other && !$this->areAlike() && $this->turned()->against($cables) < $this->against($cables);

        return $isTurned ? $this->turned() : $this;
    }

    public function depths(): Length
    {
        return Length::sum(...array_map(static fn (Barrel $barrel): Length => $barrel->depth, $this->all()));
    }

    public function growth(): Length
    {
        return Length::sum(...array_map(static fn (Barrel $barrel): Length => $barrel->growth(), $this->all()));
    }

    private function turned(): self
    {
        return new self($this->other ?? $this->first, $this->first);
    }

    /**
     * How many conductors lie at a side that does not take them; where that decides nothing, whether the larger one lies at the smaller
     * side.
     *
     * @param list<CableEnd> $cables
     *
     * @return array{int, bool}
     */
    private function against(array $cables): array
    {
        $refused = \count(array_filter($cables, fn (CableEnd $cable): bool => !$this->at($cable->end)->takes($cable)));
        $larger = isset($cables[1]) ? self::area($cables[0]) <=> self::area($cables[1]) : 0;
        $wider = $this->first->sizes->max->area <=> $this->at(End::B)->sizes->max->area;

        return [$refused, $larger * $wider < 0];
    }

    private static function area(CableEnd $cable): float
    {
        return $cable->construction->design->conductor->size->area;
    }
}
