<?php

declare(strict_types=1);

namespace Berm\Core\Instrument;

use Berm\Core\File\SentByFile;
use Berm\Core\Quantity\SentBy;

/** What an instrument sent: which one it is, and what it says, in the fields that the answers and the site of a job have. */
final readonly class Reported
{
    /** @param array<string, mixed> $says */
    public function __construct(public ReportKind $kind, public string $name, public SentBy $by, private array $says)
    {
    }

    /** @return array<string, mixed> as open files have it */
    public function write(): array
    {
        return [
            'name' => $this->name, ...SentByFile::write($this->by), 'outOfCalibration' => $this->by->wasOutOfCalibration(),
            $this->kind->value => $this->says[$this->kind->value] ?? null,
        ];
    }
}
