<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\Fields;
use Berm\Core\File\PlaceFile;
use Berm\Core\Quantity\Length;
use Berm\Core\Rework\LookAhead;
use Psr\Clock\ClockInterface;

/** What comes of a cut that is made so much past its mark, or short of it. */
final readonly class AskAhead
{
    public function __construct(private Jobs $jobs, private PlanJob $plan, private ClockInterface $clock)
    {
    }

    private static function signed(string $text): Length
    {
        $isShort = str_starts_with($text, '-');
        $by = Length::parseWithUnit($isShort ? substr($text, 1) : $text);

        return $isShort ? $by->negated() : $by;
    }

    /**
     * Refuses with EntryRefused where that cannot be said.
     *
     * @param string $query as an address has it: end, cut, core where there are several, and by
     *
     * @throws JobNotFound
     */
    public function __invoke(string $jobId, string $query): LookAhead
    {
        [$place, $by] = Fields::read(FindWays::asked($query), static fn (Fields $asked): array => [
            PlaceFile::readMark($asked), $asked->parsed('by', self::signed(...), Length::ofMillimetres(1)),
        ]);
        $plan = ($this->plan)($this->jobs->get($jobId));
        $refusal = LookAhead::refusal($plan, $place, $by);

        return null === $refusal ? LookAhead::at($plan, $place, $by, $this->clock->now()) : throw new EntryRefused($refusal);
    }
}
