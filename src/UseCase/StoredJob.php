<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Kit\AccessoryFunction;

/** A job as it is kept: its plan in one version, and its log. */
final readonly class StoredJob
{
    /** @param list<StoredEntry> $log in the order in which it was written */
    public function __construct(
        public string $id,
        public string $name,
        public AccessoryFunction $function,
        public PlanDraft $draft,
        public int $version,
        public array $log,
        public \DateTimeImmutable $changedAt,
    ) {
    }
}
