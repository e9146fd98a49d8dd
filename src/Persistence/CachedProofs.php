<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\KnownProofs;
use Berm\Core\Prove\Report;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** A draft is proved, its corners are fetched and it is released: built in all its corners but once. */
final readonly class CachedProofs implements KnownProofs
{
    private const KEPT_SECONDS = 900;

    /** @param string $era tells this database from another one */
    public function __construct(private CacheInterface $proofs, private string $era)
    {
    }

    public function of(string $text, callable $work): Report
    {
        return $this->proofs->get(hash('xxh128', "$this->era/proof/$text"), static function (ItemInterface $item) use ($work): Report {
            $item->expiresAfter(self::KEPT_SECONDS);

            return $work();
        });
    }
}
