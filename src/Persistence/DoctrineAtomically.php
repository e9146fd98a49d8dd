<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Atomically;
use Doctrine\ORM\EntityManagerInterface;

final readonly class DoctrineAtomically implements Atomically
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function run(callable $deeds): mixed
    {
        return $this->entities->wrapInTransaction(static fn (): mixed => $deeds());
    }
}
