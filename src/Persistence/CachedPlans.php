<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\KnownPlans;
use App\UseCase\StoredJob;
use Berm\Core\Job\Plan;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

final readonly class CachedPlans implements KnownPlans
{
    private const KEPT_SECONDS = 900;

    /** @param string $era tells this database from another one */
    public function __construct(private CacheInterface $plans, private string $era)
    {
    }

    public function of(StoredJob $stored, callable $work): Plan
    {
        return $this->plans->get(hash(
            'xxh128', "$this->era/plan/$stored->id/".$stored->stamp(),
        ), static function (ItemInterface $item) use ($work): Plan {
            $item->expiresAfter(self::KEPT_SECONDS);

            return $work();
        });
    }
}
