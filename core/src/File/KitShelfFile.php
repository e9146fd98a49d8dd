<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Kit\Shelf;

/** How long a kit keeps and where it may be installed, in its open file. @internal */
final class KitShelfFile
{
    public static function read(Fields $file): Shelf
    {
        return $file->optionalObject('shelf', static fn (Fields $shelf): Shelf => Shelf::of(
            $shelf->has('months') ? $shelf->integer('months', 1, 600) : null,
            $shelf->optionalText('storage', 400),
            TemperatureFile::read($shelf, 'coldestInstallation'),
            TemperatureFile::read($shelf, 'warmestInstallation'),
        )) ?? Shelf::unknown();
    }

    /** @return array<string, mixed> */
    public static function write(Shelf $shelf): array
    {
        $said = [
            ...(null === $shelf->months ? [] : ['months' => $shelf->months]),
            ...('' === $shelf->storage ? [] : ['storage' => $shelf->storage]),
            ...(null === $shelf->coldestInstallation ? [] : ['coldestInstallation' => $shelf->coldestInstallation->text]),
            ...(null === $shelf->warmestInstallation ? [] : ['warmestInstallation' => $shelf->warmestInstallation->text]),
        ];

        return [] === $said ? [] : ['shelf' => $said];
    }
}
