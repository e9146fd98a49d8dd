<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Connector\Connector;
use Berm\Core\Revision;

/** One page of what could be chosen, the best first. */
final readonly class Choices
{
    public const PER_PAGE = 10;

    /** @param list<Choice> $choices */
    public function __construct(
        public array $choices,
        public int $page,
        public int $total,
        /** How many of all are not refused: they come first. */
        public int $possible,
    ) {
    }

    /** @return list<Revision> of the connectors in it, those that go with a kit too */
    public function connectors(): array
    {
        $all = array_map(static fn (Choice $choice): ?Connector => $choice->connector ?? $choice->with?->connector, $this->choices);

        return array_values(array_map(
            static fn (Connector $one): Revision => $one->revision, array_filter($all, static fn (?Connector $one): bool => null !== $one),
        ));
    }
}
