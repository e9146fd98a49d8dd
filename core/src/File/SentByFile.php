<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\SentBy;

/**
 * {"serial": "4711", "readAt": "2026-03-14T09:30:00+01:00", "calibratedUntil": "2027-03-01", "uncertainty": "0.03 mm"}, the last
 * two optional.
 */
final class SentByFile
{
    public const KEY = 'sentBy';

    public static function optional(Fields $file): ?SentBy
    {
        return $file->optionalObject(self::KEY, self::read(...));
    }

    public static function read(Fields $file): SentBy
    {
        return new SentBy(
            $file->text('serial', 40), MomentFile::read($file, 'readAt'), DayFile::read($file, 'calibratedUntil'), self::uncertainty($file),
        );
    }

    private static function uncertainty(Fields $file): ?Length
    {
        $length = $file->optionalLength('uncertainty');
        $most = Length::ofMicrometres(SentBy::MOST_UNCERTAIN_MICROMETRES);
        if (null !== $length && (!Length::ofNanometres(0)->isLessThan($length) || !$length->isAtMost($most))) {
            $file->problem('uncertainty', 'must be more than 0 and at most 5 mm: what the certificate of the instrument says.');
        }

        return $length;
    }

    /** @return array{sentBy?: array<string, string>} nothing where a hand wrote it */
    public static function write(?SentBy $by): array
    {
        return null === $by ? [] : [self::KEY => [
            'serial' => $by->serial, 'readAt' => MomentFile::write($by->readAt),
            ...DayFile::write('calibratedUntil', $by->calibratedUntil),
            ...(null === $by->uncertainty ? [] : ['uncertainty' => $by->uncertainty->toText()]),
        ]];
    }
}
