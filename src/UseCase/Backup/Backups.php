<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

/** Everything that was entered, as one file, and back. */
interface Backups
{
    /** As it is at one moment, while people go on writing. */
    public function make(string $file): BackupContents;

    /** Looks at every byte of a file and touches nothing else. @throws BadBackup */
    public function read(string $file): BackupContents;

    /** Puts a file's rows into empty tables: all of them or none. @throws BadBackup */
    public function restore(string $file): BackupContents;
}
