<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** One line of a job's log; a trigger refuses to change or delete it. */
#[ORM\Entity]
#[ORM\Table(name: 'log_entry')]
#[ORM\UniqueConstraint(name: 'log_entry_place', columns: ['job_id', 'sequence'])]
class EntryRow
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::GUID)]
        public string $id,
        #[ORM\ManyToOne(targetEntity: JobRow::class)]
        #[ORM\JoinColumn(name: 'job_id', nullable: false)]
        public JobRow $job,
        #[ORM\Column(type: Types::INTEGER)]
        public int $sequence,
        /** The entry exactly as it was hashed: text, since jsonb would reorder it. */
        #[ORM\Column(type: Types::TEXT)]
        public string $body,
        #[ORM\Column(type: Types::STRING, length: 64, options: ['fixed' => true])]
        public string $hash,
        /** Of what is hashed. */
        #[ORM\Column(type: Types::SMALLINT)]
        public int $format,
        /** What the job rested on when it was written, by what those sheets say. */
        #[ORM\Column(type: Types::TEXT)]
        public string $sheets,
    ) {
    }
}
