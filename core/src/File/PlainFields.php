<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;

/** The plain values of one JSON object: texts, numbers, choices and lengths, each with its fault noted at its path. @internal use Fields */
trait PlainFields
{
    public function text(string $key, int $longest = 200): string
    {
        $value = $this->value($key);
        $seen = \is_string($value) ? preg_replace('/[\p{Z}\p{C}]+/u', '', mb_scrub($value)) : '';
        if (!\is_string($value) || '' === $seen) {
            return $this->fault($key, null === $value ? 'is missing: fill it in.' : 'is empty: fill it in.', '?');
        }
        if (mb_strlen($value) > $longest || !mb_check_encoding($value, 'UTF-8') || 1 === preg_match('/[\x00-\x08\x0B-\x1F\x7F]/', $value)) {
            return $this->fault($key, "must be plain text of at most $longest characters.", '?');
        }
        // Turned round, or hidden between its letters, a name reads as another one.
        if (1 === preg_match('/[\x{202A}-\x{202E}\x{2060}-\x{2069}\x{2028}\x{2029}\x{200B}\x{FEFF}]/u', $value)) {
            return $this->fault($key, 'has signs that cannot be seen: type it anew.', '?');
        }

        return trim($value);
    }

    /** A text in which a reader may have left control characters: ASCII 29 separates the elements of a label. */
    public function label(string $key, int $longest): string
    {
        $value = $this->value($key);

        return \is_string($value) && \strlen($value) <= $longest ? $value : $this->fault(
            $key, "must be the text of a label, at most $longest characters.", '',
        );
    }

    /** Exactly as it was typed, spaces and all: a password. */
    public function secret(string $key, int $longest): string
    {
        $value = $this->value($key);

        return \is_string($value) && '' !== $value && \strlen($value) <= $longest ? $value : $this->fault(
            $key, "must be a text of at most $longest characters.", '',
        );
    }

    public function optionalText(string $key, int $longest = 200): string
    {
        return null === $this->value($key) || '' === $this->value($key) ? '' : $this->text($key, $longest);
    }

    public function integer(string $key, int $least, int $most): int
    {
        $value = $this->value($key);

        return \is_int($value) && $value >= $least && $value <= $most ? $value : $this->fault(
            $key, "must be a whole number from $least to $most.", $least,
        );
    }

    /**
     * @param non-empty-list<int> $allowed
     */
    public function oneOf(string $key, array $allowed): int
    {
        $value = $this->value($key);

        return \is_int($value) && \in_array($value, $allowed, true) ? $value : $this->fault(
            $key, \sprintf('must be one of %s.', implode(', ', $allowed)), $allowed[0],
        );
    }

    public function number(string $key, float $least, float $most): float
    {
        $value = $this->value($key);

        return (\is_int($value) || \is_float($value)) && $value >= $least && $value <= $most ? (float) $value : $this->fault(
            $key, "must be a number from $least to $most.", $least,
        );
    }

    /** @return list<int> */
    public function integers(string $key, int $least, int $most): array
    {
        $numbers = [];
        foreach ($this->array($key) as $i => $value) {
            \is_int($value) && $value >= $least && $value <= $most ? $numbers[] = $value : $this->problems->add(
                $this->at($key)."[$i]", "must be a whole number from $least to $most.",
            );
        }

        return $numbers;
    }

    public function flag(string $key): bool
    {
        $value = $this->value($key);

        return \is_bool($value) ? $value : $this->fault($key, 'must be true or false.', false);
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return E
     */
    public function choice(string $key, string $enum): \BackedEnum
    {
        $value = $this->value($key);
        $case = \is_string($value) ? $enum::tryFrom($value) : null;

        return $case ?? $this->fault($key, 'must be one of '.self::cases($enum).'.', $enum::cases()[0]);
    }

    /**
     * The choice that decides what other fields there are: without it they cannot be judged, so the rest is left for later.
     *
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return E
     */
    public function kind(string $key, string $enum): \BackedEnum
    {
        $before = $this->problems->count();
        $case = $this->choice($key, $enum);

        return $before === $this->problems->count() ? $case : throw new Skipped();
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return list<E>
     */
    public function choices(string $key, string $enum): array
    {
        $chosen = [];
        foreach ($this->array($key) as $i => $value) {
            $case = \is_string($value) ? $enum::tryFrom($value) : null;
            null === $case ? $this->problems->add($this->at($key)."[$i]", 'must be one of '.self::cases($enum).'.') : $chosen[] = $case;
        }

        return $chosen;
    }

    public function length(string $key): Length
    {
        return $this->parsed($key, Length::parseWithUnit(...), Length::ofMillimetres(1));
    }

    public function optionalLength(string $key): ?Length
    {
        return null === $this->value($key) ? null : $this->length($key);
    }

    /**
     * A text that a value type reads by itself.
     *
     * @template T of object
     *
     * @param callable(string): T $parse
     * @param T                   $standIn lets reading go on after a fault; it never gets out, since a document with a fault is refused
     *
     * @return T
     */
    public function parsed(string $key, callable $parse, object $standIn): object
    {
        $value = $this->value($key);
        if (!\is_string($value)) {
            return $this->fault(
                $key, null === $value ? 'is missing: fill it in.' : 'must be written in quotes with its unit, such as "44.5 mm".', $standIn,
            );
        }
        try {
            return $parse($value);
        } catch (CoreError $error) {
            return $this->fault($key, $error->getMessage(), $standIn);
        }
    }

    /** @return list<string> the keys of an object used as a table */
    public function keys(string $key): array
    {
        return array_map(strval(...), array_keys($this->array($key)));
    }

    public function has(string $key): bool
    {
        return null !== $this->value($key);
    }

    public function isText(string $key): bool
    {
        return \is_string($this->value($key));
    }

    /** Notes a fault of this object as a whole, or of one field. */
    public function problem(string $key, string $message): void
    {
        $this->problems->add('' === $key ? $this->path : $this->at($key), $message);
    }

    private function value(string $key): mixed
    {
        $this->asked[$key] = true;

        return $this->values[$key] ?? null;
    }

    /** @return array<mixed> */
    private function array(string $key): array
    {
        $value = $this->value($key) ?? [];

        return \is_array($value) ? $value : $this->fault($key, 'must be a list or an object.', []);
    }

    private function at(string $key): string
    {
        $short = mb_strimwidth(mb_scrub($key), 0, 60, '…');

        return '' === $this->path ? $short : $this->path.'.'.$short;
    }

    /**
     * @template T
     *
     * @param T $standIn
     *
     * @return T
     */
    private function fault(string $key, string $message, mixed $standIn): mixed
    {
        $this->problems->add($this->at($key), $message);

        return $standIn;
    }

    /** @param class-string<\BackedEnum> $enum */
    private static function cases(string $enum): string
    {
        return implode(', ', array_map(static fn (\BackedEnum $case): string => '"'.$case->value.'"', $enum::cases()));
    }
}
