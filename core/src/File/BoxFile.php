<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Stores\Box;
use Berm\Core\Stores\Gtin;

/** A box of the stores as it is taken along: what its label says, where it stands, and for whom. */
final class BoxFile
{
    public static function read(Fields $file): Box
    {
        $kit = Fields::got($file->object('kit', static fn (Fields $kit): array => [RevisionFile::read($kit), $kit->text('size', 40)]));

        return new Box(
            $file->text('id', 40), $kit[0], $kit[1], $file->parsed('gtin', Gtin::parse(...), Gtin::parse('09521234543213')),
            $file->optionalText('batch', 40), $file->optionalText('serial', 40), DayFile::read($file, 'madeOn'),
            DayFile::read($file, 'expiresOn'), $file->optionalText('place', 80),
            $file->has('reservedFor') ? $file->text('reservedFor', 40) : null, MomentFile::optional($file, 'openedAt'),
            $file->texts('missing', 40),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Box $box): array
    {
        return [
            'id' => $box->id, 'kit' => [...RevisionFile::write($box->kit), 'size' => $box->size], 'gtin' => $box->gtin->digits,
            'batch' => $box->batch, 'serial' => $box->serial, ...DayFile::write('madeOn', $box->madeOn),
            ...DayFile::write('expiresOn', $box->expiresOn), 'place' => $box->place,
            ...(null === $box->reservedFor ? [] : ['reservedFor' => $box->reservedFor]),
            ...(null === $box->openedAt ? [] : ['openedAt' => MomentFile::write($box->openedAt)]), 'missing' => $box->missing,
        ];
    }
}
