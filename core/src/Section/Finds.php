<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Build\BuildState;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Measured;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stage;

/** All that was measured between places so far. @internal */
final readonly class Finds
{
    /** @param list<Find> $all */
    private function __construct(private array $all)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public static function of(KitSheet $sheet, BuildState $build): self
    {
        $finds = [];
        $isFixed = false;
        foreach ($sheet->stages as $stage) {
            foreach ($build->checksOf($stage->key) as $made) {
                $find = self::find($stage, $made, $isFixed);
                $finds = null === $find ? $finds : [...$finds, $find];
            }
            $isFixed = $isFixed || $stage->fitsConnector;
        }

        return new self($finds);
    }

    public function isEmpty(): bool
    {
        return [] === $this->all;
    }

    /** @return list<Find> */
    public function onCore(int $core): array
    {
        return array_values(array_filter($this->all, static fn (Find $find): bool => $find->isOnCore($core)));
    }

    /** Where on a core, what and how finely: alike for cores on which all lies alike. */
    public function onCoreAsText(int $core): string
    {
        return serialize(array_map(static fn (Find $find): array => [
            $find->place->stage, $find->place->check, $find->place->where->end?->value, $find->place->number,
            $find->reading->value->nanometres, $find->reading->uncertainty()->nanometres,
        ], $this->onCore($core)));
    }

    public function has(CheckPlace $place): bool
    {
        foreach ($this->all as $find) {
            if ($find->place->equals($place)) {
                return true;
            }
        }

        return false;
    }

    /** Without one of them: what all the others say of it. */
    public function without(CheckPlace $place): self
    {
        return new self(array_values(array_filter($this->all, static fn (Find $find): bool => !$find->place->equals($place))));
    }

    private static function find(Stage $stage, CheckMade $made, bool $isFixed): ?Find
    {
        $measure = $stage->check($made->place->check)?->measure();

        return null === $measure || !$made->answer instanceof Measured ? null : new Find(
            $made->place, $measure, $made->answer->reading, $isFixed || $stage->isAfterConnector($made->place->check),
        );
    }
}
