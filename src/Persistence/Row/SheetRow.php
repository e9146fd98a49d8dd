<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A cable type, kit sheet or connector: one immutable revision, in its open file form. */
#[ORM\Entity]
#[ORM\Table(name: 'sheet')]
#[ORM\Index(name: 'sheet_by_title', columns: ['kind', 'title'])]
class SheetRow
{
    /** @param array<string, mixed> $body */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::STRING, length: 12)]
        public string $kind,
        #[ORM\Id]
        #[ORM\Column(type: Types::STRING, length: 80)]
        public string $sheetId,
        #[ORM\Id]
        #[ORM\Column(type: Types::INTEGER)]
        public int $revision,
        #[ORM\Column(type: Types::STRING, length: 200)]
        public string $title,
        #[ORM\Column(type: Types::JSONB)]
        public array $body,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $addedBy,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $addedAt,
        /** Null of rows from before it was kept. */
        #[ORM\Column(type: Types::STRING, length: 60, nullable: true)]
        public ?string $addedById,
        /** SHA-256 of what it says, in PostgreSQL's own form of it. */
        #[ORM\Column(type: Types::STRING, length: 64, options: ['fixed' => true])]
        public string $digest,
    ) {
    }
}
