<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\EntryRow;
use App\Persistence\Row\JobRow;
use App\UseCase\PlanDraft;
use App\UseCase\PlanDraftFile;
use App\UseCase\StoredEntry;
use App\UseCase\StoredJob;
use Berm\Core\File\Fields;
use Berm\Core\File\LogFile;
use Berm\Core\Kit\AccessoryFunction;

/** Between rows and values. */
final class JobMapper
{
    /** @param list<StoredEntry> $log */
    public static function job(JobRow $row, array $log): StoredJob
    {
        $function = AccessoryFunction::from($row->function);
        $draft = Fields::read($row->plan, static fn (Fields $file): PlanDraft => PlanDraftFile::read($file, $function));

        return new StoredJob($row->id, $row->name, $function, $draft, $row->version, $log, $row->changedAt);
    }

    /** @return array<string, mixed> */
    public static function plan(PlanDraft $draft): array
    {
        return Stored::form(PlanDraftFile::write($draft));
    }

    public static function stored(EntryRow $row): StoredEntry
    {
        return StoredEntry::kept(
            Fields::readText($row->body, LogFile::readEntry(...)), $row->sequence, $row->hash, $row->format, $row->sheets, $row->body,
        );
    }
}
