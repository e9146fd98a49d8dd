<?php

declare(strict_types=1);

namespace App\Persistence;

/** Of each sheet its newest revision, whatever the ones before it were called. */
final class Newest
{
    /** A condition on the rows of "sheet". */
    public const CONDITION = 'NOT EXISTS (SELECT 1 FROM sheet later WHERE later.kind = sheet.kind AND later.sheet_id = sheet.sheet_id AND later.revision > sheet.revision)';
}
