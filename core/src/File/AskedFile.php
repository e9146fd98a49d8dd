<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Cable\End;
use Berm\Core\Kit\Asked;
use Berm\Core\Kit\AskedKind;
use Berm\Core\Quantity\Range;

/** What a sheet asks of a job, in its open file. @internal */
final class AskedFile
{
    public static function read(Fields $file): Asked
    {
        $kind = $file->kind('kind', AskedKind::class);
        $key = $file->text('key', 40);
        $name = $file->text('name', 80);

        return match ($kind) {
            AskedKind::Role => Asked::role(
                $key, $name, $file->has('default') ? $file->choice('default', End::class) : null, $file->text('reason', 400),
            ),
            AskedKind::Choice => Asked::choice(
                $key, $name, self::values($file), $file->has('default') ? $file->text('default', 40) : null, $file->text('reason', 400),
            ),
            AskedKind::Length => Asked::length(
                $key, $name, Range::between($file->length('min'), $file->length('max')), $file->text('reason', 400),
            ),
        };
    }

    /** @return non-empty-list<string> */
    private static function values(Fields $file): array
    {
        $values = $file->texts('values', 40);
        if ([] === $values) {
            $file->problem('values', 'is empty: name at least one.');
        }

        return [] === $values ? ['?'] : $values;
    }

    /** @return array<string, mixed> */
    public static function write(Asked $asked): array
    {
        return [
            'key' => $asked->key,
            'name' => $asked->name,
            'kind' => $asked->kind->value,
            ...(AskedKind::Choice === $asked->kind ? ['values' => $asked->values] : []),
            ...(null === $asked->default ? [] : ['default' => $asked->default]),
            ...(null === $asked->window ? [] : RangeFile::write($asked->window)),
            'reason' => $asked->reason,
        ];
    }
}
