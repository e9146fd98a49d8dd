<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

use Psr\Clock\ClockInterface;

/** Signs the heads of all logs, where all of them are sound: what is not, is never signed. */
final readonly class GatherHeads
{
    public function __construct(private HeadLists $lists, private ClockInterface $clock)
    {
    }

    /**
     * @return HeadList|null the newest list; null where there is none, because nothing was ever written or because something is not sound
     */
    public function __invoke(ChainReport $report, #[\SensitiveParameter] string $seed): ?HeadList
    {
        $heads = $report->isSound() ? $report->unsigned() : [];
        if ([] === $heads) {
            return $report->newest;
        }
        $list = HeadList::next($report->newest, $heads, $this->clock->now(), $seed);
        $this->lists->add($list);

        return $list;
    }
}
