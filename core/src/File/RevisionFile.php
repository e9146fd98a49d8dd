<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Revision;

/** The id and revision that every open sheet carries. */
final class RevisionFile
{
    public static function read(Fields $file): Revision
    {
        return Revision::of($file->text('id', 80), $file->integer('revision', 1, 100_000));
    }

    /** @return array{id: string, revision: int} */
    public static function write(Revision $revision): array
    {
        return ['id' => $revision->id, 'revision' => $revision->number];
    }
}
