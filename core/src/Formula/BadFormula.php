<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

use Berm\Core\CoreError;

/** A formula that cannot be used; the message quotes it and says why. */
final class BadFormula extends \DomainException implements CoreError
{
    private function __construct(string $message, /** A name in it is not known. */ public readonly bool $isForItsNames = false)
    {
        parent::__construct($message);
    }

    /** @internal */
    public static function unknownName(string $formula, string $reason): self
    {
        return new self(self::unreadable($formula, $reason)->getMessage(), true);
    }

    /** @internal */
    public static function meant(self $refused, string $asks, string $name, string $meaning): self
    {
        return new self(str_replace($asks, \sprintf('Did you mean "%s", %s?', $name, $meaning), $refused->getMessage()), true);
    }

    /** @internal */
    public static function unreadable(string $formula, string $reason): self
    {
        return new self(\sprintf(
            'the formula "%s" cannot be read: %s', self::cut($formula), 1 === preg_match('/[.?]\z/', $reason) ? $reason : "$reason.",
        ));
    }

    /** @internal */
    public static function combines(string $formula, string $operator, Dimension $left, Dimension $right): self
    {
        return new self(\sprintf(
            'the formula "%s" puts "%s" between %s and %s, which has no meaning.',
            self::cut($formula),
            $operator,
            $left->value,
            $right->value,
        ));
    }

    /** @internal */
    public static function yields(string $formula, Dimension $is, Dimension $wanted): self
    {
        return new self(\sprintf('the formula "%s" gives %s where %s is needed.', self::cut($formula), $is->value, $wanted->value));
    }

    /** @internal */
    public static function notAllowed(string $formula, string $what): self
    {
        return new self(\sprintf('the formula "%s" uses %s, which formulas here do not have.', self::cut($formula), $what));
    }

    /** @internal */
    public static function tooLong(string $formula, int $longest): self
    {
        return new self(\sprintf('the formula "%s" is longer than %d signs.', self::cut($formula), $longest));
    }

    /** @internal */
    public static function tooLarge(string $formula): self
    {
        return new self(\sprintf('the formula "%s" comes to more than any cable has: look at its factors.', self::cut($formula)));
    }

    /** @internal */
    public static function tooDeep(string $formula, int $deepest): self
    {
        return new self(
            \sprintf('the formula "%s" has functions and conditions more than %d deep: say it in parts.', self::cut($formula), $deepest),
        );
    }

    /** @internal */
    public static function dividesByZero(string $formula): self
    {
        return new self(\sprintf('the formula "%s" divides by zero.', self::cut($formula)));
    }

    /**
     * @internal
     *
     * @param list<string> $allowed
     */
    public static function unknownText(string $formula, string $name, string $text, array $allowed): self
    {
        return new self(\sprintf(
            'the formula "%s" compares %s with "%s", which it never is: use one of %s.',
            self::cut($formula),
            $name,
            self::cut($text),
            implode(', ', $allowed),
        ));
    }

    private static function cut(string $formula): string
    {
        return mb_strimwidth(mb_scrub($formula), 0, 120, '…');
    }
}
