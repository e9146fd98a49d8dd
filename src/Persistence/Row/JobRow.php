<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'job')]
#[ORM\Index(name: 'job_by_change', columns: ['changed_at', 'id'])]
class JobRow
{
    /** @param array<string, mixed> $plan */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::GUID)]
        public string $id,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $name,
        #[ORM\Column(type: Types::STRING, length: 20)]
        public string $function,
        #[ORM\Column(type: Types::JSONB)]
        public array $plan,
        /** Of the plan; the log only grows. */
        #[ORM\Column(type: Types::INTEGER)]
        public int $version,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $changedAt,
    ) {
    }
}
