<?php

declare(strict_types=1);

namespace Berm\Core\Cable;

use Berm\Core\Quantity\Reading;

/** What the calipers said at one cable end, layer by layer. */
final readonly class AsFound
{
    /** @var array<string, MeasuredDiameter> by LayerKind value */
    private array $diameters;

    /** @param array<string, non-empty-list<Reading>> $readings by LayerKind value */
    private function __construct(public array $readings)
    {
        $this->diameters = array_map(MeasuredDiameter::of(...), $readings);
    }

    public static function nothing(): self
    {
        return new self([]);
    }

    /**
     * @param array<string, list<Reading>> $readings by LayerKind value
     *
     * @throws LayersCross when an outer layer reads no larger than an inner one
     */
    public static function of(array $readings): self
    {
        $asFound = new self(array_filter($readings, static fn (array $ofLayer): bool => [] !== $ofLayer));
        $inner = null;
        foreach (LayerKind::cases() as $kind) {
            $diameter = $asFound->diameterOver($kind);
            if (null === $diameter) {
                continue;
            }
            Construction::ensurePlausible($kind, $diameter->mean);
            if (null !== $inner && $diameter->mean->isAtMost($inner[1]->mean)) {
                throw LayersCross::diameters($inner[0], $inner[1]->mean, $kind, $diameter->mean);
            }
            $inner = [$kind, $diameter];
        }

        return $asFound;
    }

    public function diameterOver(LayerKind $kind): ?MeasuredDiameter
    {
        return $this->diameters[$kind->value] ?? null;
    }
}
