<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Pins;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Revision;

/** What an entry was judged by, in open files. */
final class BasisFile
{
    public static function read(Fields $file): Basis
    {
        $pinned = static fn (string $key): ?Revision => $file->optionalObject($key, RevisionFile::read(...));
        $pins = Pins::of($pinned('kit'), $file->optionalText('size', 40), $pinned('connector'));

        $basis = Basis::of(
            $pins,
            $file->has('entry') ? $file->text('entry', 40) : null,
            $file->optionalObject('window', self::window(...)),
            self::place($file, 'value'),
            $file->has('falls') ? $file->texts('falls', 40) : [],
            $file->has('stepByStep') && $file->flag('stepByStep'),
        );

        return $file->has('offBy') ? $basis->onPartOffBy($file->text('offBy', 40)) : $basis;
    }

    /** @return array<string, mixed> */
    public static function write(Basis $basis): array
    {
        $pins = $basis->pins;

        return [
            ...(null === $pins->kit ? [] : ['kit' => RevisionFile::write($pins->kit), 'size' => $pins->size]),
            ...(null === $pins->connector ? [] : ['connector' => RevisionFile::write($pins->connector)]),
            ...(null === $basis->entry ? [] : ['entry' => $basis->entry]),
            ...(null === $basis->window ? [] : ['window' => (object) self::writeWindow($basis->window)]),
            ...(null === $basis->value ? [] : ['value' => $basis->value->toText()]),
            ...([] === $basis->falls ? [] : ['falls' => $basis->falls]),
            ...($basis->isStepByStep ? ['stepByStep' => true] : []),
            ...(null === $basis->offBy ? [] : ['offBy' => $basis->offBy]),
        ];
    }

    private static function window(Fields $file): Range
    {
        [$min, $max] = [self::place($file, 'min'), self::place($file, 'max')];

        return match (true) {
            null !== $min && null !== $max => Range::between($min, $max),
            null !== $max => Range::atMost($max),
            default => Range::atLeast($min ?? Length::ofNanometres(0)),
        };
    }

    /** @return array<string, string> */
    private static function writeWindow(Range $window): array
    {
        return array_filter(
            ['min' => $window->min?->toText(), 'max' => $window->max?->toText()], static fn (?string $limit): bool => null !== $limit,
        );
    }

    /** A place or a lap, which may lie below zero: "-7.5 mm". */
    private static function place(Fields $file, string $key): ?Length
    {
        if (!$file->has($key)) {
            return null;
        }
        $text = $file->text($key, 40);

        return str_starts_with($text, '-') ? Length::parseWithUnit(substr($text, 1))->negated() : Length::parseWithUnit($text);
    }
}
