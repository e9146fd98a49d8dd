<?php

declare(strict_types=1);

namespace Berm\Core\Stores;

use Berm\Core\CoreError;

/** A label that cannot be read; the message says what is wrong and what to do. */
final class UnreadableLabel extends \DomainException implements CoreError
{
    /** @internal */
    public static function notANumber(string $text): self
    {
        return new self(\sprintf('"%s" is no item number: it has 8, 12, 13 or 14 digits.', self::cut($text)));
    }

    /** @internal */
    public static function checkDigit(string $digits, int $expected): self
    {
        return new self(\sprintf('%s is misread or mistyped: its last digit should be %d. Read the label again.', $digits, $expected));
    }

    /** @internal */
    public static function empty(): self
    {
        return new self('is empty: read the label, or type what stands under the bars.');
    }

    /** @internal */
    public static function noElement(string $rest): self
    {
        return new self(\sprintf(
            'has "%s" where the number of an element belongs, such as (01) or (10): read the whole label again.', self::cut($rest),
        ));
    }

    /** @internal */
    public static function cutShort(string $identifier, int $length): self
    {
        return new self(\sprintf('ends inside (%s), which has %d digits: read the whole label again.', $identifier, $length));
    }

    /** @internal */
    public static function tooLong(string $identifier, string $value): self
    {
        return new self(\sprintf(
            'has "%s" as (%s), which has 1 to 20 characters. If another element follows it, the separator is missing: type it with brackets, as under the bars.',
            self::cut($value),
            $identifier,
        ));
    }

    /** @internal */
    public static function twice(string $identifier): self
    {
        return new self(\sprintf('has (%s) twice: read one label at a time.', $identifier));
    }

    /** @internal */
    public static function date(string $identifier, string $value): self
    {
        return new self(\sprintf(
            'has "%s" as (%s), which is no date: it is year, month and day in six digits.', self::cut($value), $identifier,
        ));
    }

    /** @internal */
    public static function noItem(): self
    {
        return new self('has no item number (01): this is not the label of a box.');
    }

    private static function cut(string $text): string
    {
        return mb_strimwidth(mb_scrub($text), 0, 40, '…');
    }
}
