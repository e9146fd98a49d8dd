<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A press or a wrench, in its open file form. */
#[ORM\Entity]
#[ORM\Table(name: 'tool')]
#[ORM\Index(name: 'tool_by_name', columns: ['name', 'id'])]
class ToolRow
{
    /** @param array<string, mixed> $body */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::GUID)]
        public string $id,
        #[ORM\Column(type: Types::STRING, length: 80)]
        public string $name,
        #[ORM\Column(type: Types::JSONB)]
        public array $body,
        #[ORM\Column(type: Types::INTEGER, options: ['default' => 1])]
        public int $version = 1,
    ) {
    }
}
