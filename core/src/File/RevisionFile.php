<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Revision;

/** The id and revision that every open sheet carries. */
final class RevisionFile
{
    public static function read(Fields $file): Revision
    {
        $number = $file->integer('revision', 1, 100_000);

        return $file->parsed('id', static fn (string $id): Revision => Revision::of($id, $number), Revision::of('stand-in', 1));
    }

    /** @return array{id: string, revision: int} */
    public static function write(Revision $revision): array
    {
        return ['id' => $revision->id, 'revision' => $revision->number];
    }
}
