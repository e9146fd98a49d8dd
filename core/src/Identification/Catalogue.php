<?php

declare(strict_types=1);

namespace Berm\Core\Identification;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\LayerKind;

/**
 * Constructions made ready for comparing: a column of whole nanometres for each layer, so that thousands are held against a cable in
 * milliseconds.
 */
final readonly class Catalogue
{
    /**
     * @param list<array{string, int, string}> $names    id, revision and designation
     * @param list<Features>                   $looks    each way to look once
     * @param list<int>                        $look     which of them each construction has
     * @param array<string, list<int>>         $nominal  by LayerKind value; 0 where the construction has no such layer or does not give it
     * @param array<string, list<int>>         $least
     * @param array<string, list<int>>         $greatest
     */
    private function __construct(
        public array $names, public array $looks, public array $look, public array $nominal, public array $least, public array $greatest,
    ) {
    }

    /** @param iterable<Construction> $constructions */
    public static function of(iterable $constructions): self
    {
        $names = $looks = $look = $known = [];
        $columns = ['nominal' => [], 'least' => [], 'greatest' => []];
        foreach (LayerKind::cases() as $kind) {
            $columns['nominal'][$kind->value] = $columns['least'][$kind->value] = $columns['greatest'][$kind->value] = [];
        }
        foreach ($constructions as $cable) {
            $names[] = [$cable->revision->id, $cable->revision->number, $cable->designation];
            $features = Features::of($cable->design);
            $key = serialize($features);
            $known[$key] ??= array_push($looks, $features) - 1;
            $look[] = $known[$key];
            foreach (LayerKind::cases() as $kind) {
                [$nominal, $least, $greatest] = self::limits($cable, $kind);
                $columns['nominal'][$kind->value][] = $nominal;
                $columns['least'][$kind->value][] = $least;
                $columns['greatest'][$kind->value][] = $greatest;
            }
        }

        return new self($names, $looks, $look, $columns['nominal'], $columns['least'], $columns['greatest']);
    }

    public function count(): int
    {
        return \count($this->names);
    }

    public function features(int $place): Features
    {
        return $this->looks[$this->look[$place]];
    }

    /** @return int|null where a construction stands */
    public function find(string $id, int $revision): ?int
    {
        foreach ($this->names as $i => [$known, $number]) {
            if ($known === $id && $number === $revision) {
                return $i;
            }
        }

        return null;
    }

    /**
     * A layer without a window may lie 2 % to either side (common practice for a datasheet's figure).
     *
     * @return array{int, int, int}
     */
    private static function limits(Construction $cable, LayerKind $kind): array
    {
        $layer = $cable->layers[$kind->value] ?? null;
        // A sector is not round: its figure stands for an area and cannot be held against a caliper's.
        if (null === $layer || !$cable->design->isMeasurable($kind)) {
            return [0, 0, 0];
        }
        $nominal = $layer->diameter->nanometres;
        $allowance = intdiv($nominal, 50);

        return [
            $nominal, $layer->window->min->nanometres ?? $nominal - $allowance, $layer->window->max->nanometres ?? $nominal + $allowance,
        ];
    }
}
