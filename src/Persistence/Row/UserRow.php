<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\Table(name: 'person')]
class UserRow
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::STRING, length: 60)]
        public string $name,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $shownAs,
        #[ORM\Column(type: Types::STRING, length: 20)]
        public string $role,
        #[ORM\Column(type: Types::STRING, length: 255)]
        public string $passwordHash,
        #[ORM\Column(type: Types::INTEGER, options: ['default' => 1])]
        public int $version = 1,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
        public ?\DateTimeImmutable $suspendedAt = null,
        /** The password was given to them, and is good until then. */
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
        public ?\DateTimeImmutable $oneTimeUntil = null,
        /** Of their sessions: those of another one have ended. */
        #[ORM\Column(type: Types::INTEGER, options: ['default' => 1])]
        public int $epoch = 1,
    ) {
    }
}
