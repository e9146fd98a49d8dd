<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\Construction;
use Berm\Core\File\CableImport;

final readonly class ImportedCables
{
    /**
     * @param list<Construction> $read
     * @param list<Construction> $added
     * @param list<Construction> $known whose revision the library had already; left as it is
     */
    public function __construct(public CableImport $import, public array $read, public array $added, public array $known)
    {
    }
}
