<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Build\Done;
use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\KitDated;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Saying\Sentence;

/**
 * Is the box that was opened the one that is planned with, in date and complete? Where none was opened in Berm, what is printed on it is
 * asked for.
 */
final class BoxFit
{
    /**
     * @param Done<BoxOpened>|null $box
     * @param Done<KitDated>|null  $dated what was said of a box that was not opened in Berm
     *
     * @return list<Finding>
     */
    public static function judge(?Done $box, ?Done $dated, KitSheet $sheet, KitSize $size): array
    {
        if (null !== $box) {
            return [
                self::item($box->event, $size),
                self::date($box->event->expiresOn, $box->entry->doneAt()),
                ...self::contents($box->event, $sheet),
            ];
        }

        return [null === $dated
            ? Finding::undecided(
                Criterion::ShelfLife, null, Sentence::plain('No box was opened in Berm: write down its batch and until when it keeps.'),
            )->asWarning()
            : self::date($dated->event->keepsUntil, $dated->entry->doneAt())];
    }

    private static function item(BoxOpened $box, KitSize $size): Finding
    {
        $values = ['is' => $box->item, 'wanted' => $size->gtin->digits ?? '', 'size' => $size->label, 'batch' => $box->batch];

        return null === $size->gtin || $size->gtin->digits === $box->item
            ? Finding::fits(
                Criterion::BoxItem,
                null,
                Sentence::of(
                    '' === $box->batch
                        ? 'The box opened is of this kit and size.'
                        : 'The box opened is of this kit and size, batch {batch}.',
                    $values,
                ),
            )
            : Finding::refused(
                Criterion::BoxItem,
                null,
                Sentence::of(
                    'The box opened is item {is}; size {size} of this kit is item {wanted}. Open the right one, or choose the kit again.',
                    $values,
                ),
            );
    }

    /** The last day belongs to it. */
    private static function date(?\DateTimeImmutable $until, \DateTimeImmutable $openedAt): Finding
    {
        $values = ['opened' => $openedAt->format('Y-m-d'), 'keeps' => $until?->format('Y-m-d') ?? ''];

        return match (true) {
            null === $until => Finding::undecided(
                Criterion::ShelfLife, null, Sentence::plain(
                    'Neither its label nor its sheet tells how long the box keeps: ask its maker by its batch.',
                ),
            )->asWarning(),
            $values['opened'] > $values['keeps'] => Finding::refused(
                Criterion::ShelfLife, null, Sentence::of('The box kept until {keeps} and was opened on {opened}.', $values),
            ),
            default => Finding::fits(
                Criterion::ShelfLife, null, Sentence::of('The box keeps until {keeps}; it was opened on {opened}.', $values),
            ),
        };
    }

    /** @return list<Finding> */
    private static function contents(BoxOpened $box, KitSheet $sheet): array
    {
        $names = array_map(
            static fn (string $key): string => lcfirst($sheet->nameOf($key)), $box->missing,
        );

        return [] === $names
            ? [Finding::fits(Criterion::BoxContents, null, Sentence::plain('Everything was in the box.'))]
            : [Finding::refused(
                Criterion::BoxContents,
                null,
                Sentence::of('Missing from the box: {missing}. Take another one.', ['missing' => implode(', ', $names)]),
            )];
    }
}
