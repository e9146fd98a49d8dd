<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\CoreError;

/** The section of every core, worked out once for all cores on which nothing was measured otherwise. */
final readonly class SectionsOfCores
{
    /** @param non-empty-array<int, Section> $sections by core, from 1 */
    private function __construct(private array $sections)
    {
    }

    /** @throws CoreError when a place cannot be worked out */
    public static function of(Measuring $measuring, int $cores): self
    {
        $sections = [];
        for ($core = 1; $core <= $cores; ++$core) {
            $sections[$core] = $measuring->section($core);
        }
        \assert([] !== $sections);

        return new self($sections);
    }

    public function ofCore(int $core): Section
    {
        return $this->sections[$core] ?? $this->sections[1] ?? throw new \LogicException('there is at least one core');
    }

    /** @return list<Section> of all cores but one, in their order */
    public function others(int $core): array
    {
        return array_values(array_diff_key($this->sections, [$core => true]));
    }

    /** @return list<Ruling> of every core, those of one first; what goes round all of them is held once */
    public function rulings(int $core): array
    {
        $ofCore = static fn (Section $section): array => array_filter(
            $section->rulings, static fn (Ruling $ruling): bool => null !== $ruling->place->where->core,
        );

        return array_merge($this->ofCore($core)->rulings, ...array_map($ofCore, $this->others($core)));
    }
}
