<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A picture of a job; a trigger refuses to change or delete it. */
#[ORM\Entity]
#[ORM\Table(name: 'picture')]
class PictureRow
{
    /** @param resource $bytes */
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne(targetEntity: JobRow::class)]
        #[ORM\JoinColumn(name: 'job_id', nullable: false)]
        public JobRow $job,
        #[ORM\Id]
        #[ORM\Column(type: Types::STRING, length: 64, options: ['fixed' => true])]
        public string $hash,
        #[ORM\Column(type: Types::STRING, length: 20)]
        public string $type,
        #[ORM\Column(type: Types::BLOB)]
        public mixed $bytes,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $sentBy,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $sentAt,
    ) {
    }
}
