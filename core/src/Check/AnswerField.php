<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;

/** Reads the answer to a check from an open file: one of the fields that answers stand in. */
final class AnswerField
{
    public static function read(Fields $file): Answer
    {
        $given = array_values(array_filter(CheckKind::cases(), static fn (CheckKind $kind): bool => $file->has($kind->field())));
        $fields = implode(', ', array_map(static fn (CheckKind $kind): string => $kind->field(), CheckKind::cases()));
        if (isset($given[1])) {
            $file->problem($given[1]->field(), "is a second answer: a check has one of $fields.");
        }

        // Waits were written down without a field of their own once, and those entries are kept as they are. No other check takes it.
        return isset($given[0]) ? $given[0]->answer($file) : Waited::unsaid();
    }
}
