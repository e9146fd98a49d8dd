<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\CoreError;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkOut;

/** The section of every core, worked out once for all cores on which nothing was measured otherwise. */
final readonly class SectionsOfCores
{
    /** @param non-empty-array<int, Section> $sections by core, from 1 */
    private function __construct(private array $sections)
    {
    }

    /** @throws CoreError when a place cannot be worked out */
    public static function of(Measuring $measuring, MarkOut $markOut, BuildState $build): self
    {
        $sections = $known = [];
        for ($core = 1; $core <= $markOut->cores(); ++$core) {
            $measured = self::measured($markOut, $build, $core).$measuring->foundOn($core);
            $alike = $known[$measured] ?? null;
            $sections[$core] = null === $alike ? $measuring->section($core) : $alike->onCore($core);
            $known[$measured] ??= $sections[$core];
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

    /** What was read on a core: alike for cores whose sections are alike. */
    private static function measured(MarkOut $markOut, BuildState $build, int $core): string
    {
        $marks = array_filter($markOut->all(), static fn (Mark $mark): bool => $mark->place->core === $core);

        return implode(' ', array_map(static function (Mark $mark) use ($build): string {
            $reading = $build->cut($mark->place)?->event->reading;

            return null === $reading ? '-' : "{$reading->value->nanometres} {$reading->uncertainty()->nanometres}";
        }, $marks));
    }
}
