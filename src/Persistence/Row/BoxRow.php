<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'box')]
#[ORM\Index(name: 'box_by_expiry', columns: ['expires_on', 'id'])]
#[ORM\Index(name: 'box_by_kit', columns: ['kit_id', 'size', 'expires_on'])]
#[ORM\UniqueConstraint(name: 'box_by_serial', columns: ['gtin', 'serial'], options: ['where' => "((serial)::text <> ''::text)"])]
class BoxRow
{
    /** @param list<string> $missing */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::GUID)]
        public string $id,
        #[ORM\Column(type: Types::STRING, length: 80)]
        public string $kitId,
        #[ORM\Column(type: Types::INTEGER)]
        public int $kitRevision,
        #[ORM\Column(type: Types::STRING, length: 40)]
        public string $size,
        #[ORM\Column(type: Types::STRING, length: 14)]
        public string $gtin,
        #[ORM\Column(type: Types::STRING, length: 20)]
        public string $batch,
        #[ORM\Column(type: Types::STRING, length: 20)]
        public string $serial,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
        public ?\DateTimeImmutable $madeOn,
        #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
        public ?\DateTimeImmutable $expiresOn,
        #[ORM\Column(type: Types::STRING, length: 80)]
        public string $place,
        #[ORM\Column(type: Types::GUID, nullable: true)]
        public ?string $reservedFor,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
        public ?\DateTimeImmutable $openedAt,
        #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
        public array $missing,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $addedBy,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $addedAt,
    ) {
    }
}
