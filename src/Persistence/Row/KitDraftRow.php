<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'kit_draft')]
class KitDraftRow
{
    /** @param list<string> $authors */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::STRING, length: 80)]
        public string $sheetId,
        #[ORM\Column(type: Types::INTEGER)]
        public int $version,
        #[ORM\Column(type: Types::TEXT)]
        public string $text,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $author,
        #[ORM\Column(type: Types::JSONB)]
        public array $authors,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $changedAt,
        /** Thrown away then; null while it stands. */
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
        public ?\DateTimeImmutable $discardedAt = null,
    ) {
    }
}
