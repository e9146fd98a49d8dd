<?php

declare(strict_types=1);

namespace Berm\Core\File;

/**
 * What a draft was begun from, and what of that it does without: "begun": {"from": "14", "without": ["items.marker"]}. It is read for
 * its faults only; a released sheet is without it. @internal
 */
final class BegunFile
{
    public static function check(Fields $file): true
    {
        $file->text('from', 40);
        if ($file->has('without')) {
            $file->texts('without', 120);
        }

        return true;
    }
}
