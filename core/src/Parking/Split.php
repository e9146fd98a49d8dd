<?php

declare(strict_types=1);

namespace Berm\Core\Parking;

use Berm\Core\Cable\End;

/**
 * Parts shared out to ends so far: what that takes of each room, and how many wait elsewhere than they would rather.
 *
 * @internal use SplitSearch
 */
final readonly class Split
{
    /**
     * @param array<string, End> $ends  by part key
     * @param array<int, Load>   $loads by place of the room in its list
     */
    private function __construct(public array $ends, public array $loads, public int $moved)
    {
    }

    public static function empty(): self
    {
        return new self([], [], 0);
    }

    public function with(string $item, End $end, bool $isMoved, int $room, Load $load): self
    {
        return new self([...$this->ends, $item => $end], array_replace($this->loads, [$room => $load]), $this->moved + (int) $isMoved);
    }

    public function load(int $room): Load
    {
        return $this->loads[$room] ?? Load::none();
    }

    /** Splits with the same loads are alike for every part still to come. */
    public function loading(): string
    {
        $loads = $this->loads;
        ksort($loads);

        return implode(
            ' ',
            array_map(
                static fn (int $room, Load $load): string => "$room:{$load->inLine->nanometres}+{$load->nested->nanometres}",
                array_keys($loads),
                $loads,
            ),
        );
    }
}
