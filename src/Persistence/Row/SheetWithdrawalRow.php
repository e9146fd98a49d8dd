<?php

declare(strict_types=1);

namespace App\Persistence\Row;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A revision of a kit sheet that nobody builds by any more; a trigger refuses to change or delete it. */
#[ORM\Entity]
#[ORM\Table(name: 'sheet_withdrawal')]
class SheetWithdrawalRow
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::STRING, length: 80)]
        public string $sheetId,
        #[ORM\Id]
        #[ORM\Column(type: Types::INTEGER)]
        public int $revision,
        #[ORM\Column(type: Types::TEXT)]
        public string $reason,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $withdrawnBy,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $withdrawnAt,
    ) {
    }
}
