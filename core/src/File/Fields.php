<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;

/**
 * The fields of one JSON object, read one by one. Every fault is noted with its path and reading goes on, so that a document
 * answers with all of them; a field that nobody asked for is a fault too.
 */
final class Fields
{
    /** @var array<string, true> */
    private array $asked = [];

    /** @param array<mixed> $values */
    private function __construct(private readonly array $values, private readonly string $path, private readonly Problems $problems)
    {
    }

    /**
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return T
     *
     * @throws BadDocument with every fault
     */
    public static function read(mixed $json, callable $make): mixed
    {
        $problems = new Problems();
        $made = self::make($json, '', $problems, $make);
        $problems->ensureNone();

        return $made ?? throw BadDocument::because('', 'cannot be read.');
    }

    /**
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return T
     *
     * @throws BadDocument when the text is not JSON, or with every fault
     */
    public static function readText(string $text, callable $make): mixed
    {
        try {
            $json = json_decode($text, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw BadDocument::because('', \sprintf('is not JSON (%s): send one JSON object, with every text in double quotes.', lcfirst($error->getMessage())));
        }

        return self::read($json, $make);
    }

    /**
     * The value of an object that could be read.
     *
     * @template T
     *
     * @param T|null $value
     *
     * @return T
     */
    public static function got(mixed $value): mixed
    {
        return $value ?? throw new Skipped();
    }

    public function text(string $key, int $longest = 200): string
    {
        $value = $this->value($key);
        if (!\is_string($value) || '' === trim($value)) {
            return $this->fault($key, null === $value ? 'is missing: give a text.' : 'must be a text that is not empty.', '?');
        }
        if (mb_strlen($value) > $longest || !mb_check_encoding($value, 'UTF-8') || 1 === preg_match('/[\x00-\x08\x0B-\x1F\x7F]/', $value)) {
            return $this->fault($key, "must be plain text of at most $longest characters.", '?');
        }

        return trim($value);
    }

    /** A text in which a reader may have left control characters: ASCII 29 separates the elements of a label. */
    public function label(string $key, int $longest): string
    {
        $value = $this->value($key);

        return \is_string($value) && \strlen($value) <= $longest ? $value : $this->fault($key, "must be the text of a label, at most $longest characters.", '');
    }

    public function optionalText(string $key, int $longest = 200): string
    {
        return null === $this->value($key) || '' === $this->value($key) ? '' : $this->text($key, $longest);
    }

    public function integer(string $key, int $least, int $most): int
    {
        $value = $this->value($key);

        return \is_int($value) && $value >= $least && $value <= $most ? $value : $this->fault($key, "must be a whole number from $least to $most.", $least);
    }

    /**
     * @param non-empty-list<int> $allowed
     */
    public function oneOf(string $key, array $allowed): int
    {
        $value = $this->value($key);

        return \is_int($value) && \in_array($value, $allowed, true) ? $value : $this->fault($key, \sprintf('must be one of %s.', implode(', ', $allowed)), $allowed[0]);
    }

    public function number(string $key, float $least, float $most): float
    {
        $value = $this->value($key);

        return (\is_int($value) || \is_float($value)) && $value >= $least && $value <= $most ? (float) $value : $this->fault($key, "must be a number from $least to $most.", $least);
    }

    /** @return list<string> texts that are not empty */
    public function texts(string $key, int $longest): array
    {
        $inner = new self($this->array($key), $this->at($key), $this->problems);

        return array_map(static fn (int|string $i): string => $inner->text((string) $i, $longest), array_keys($inner->values));
    }

    /** @return list<int> */
    public function integers(string $key, int $least, int $most): array
    {
        $numbers = [];
        foreach ($this->array($key) as $i => $value) {
            \is_int($value) && $value >= $least && $value <= $most ? $numbers[] = $value : $this->problems->add($this->at($key)."[$i]", "must be a whole number from $least to $most.");
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
            return $this->fault($key, null === $value ? 'is missing.' : 'must be a text with its unit, such as "44.5 mm".', $standIn);
        }
        try {
            return $parse($value);
        } catch (CoreError $error) {
            return $this->fault($key, $error->getMessage(), $standIn);
        }
    }

    /**
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return T|null null after a fault, which has been noted
     */
    public function object(string $key, callable $make): mixed
    {
        $value = $this->value($key);
        if (null === $value) {
            return $this->fault($key, 'is missing.', null);
        }

        return self::make($value, $this->at($key), $this->problems, $make);
    }

    /**
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return T|null
     */
    public function optionalObject(string $key, callable $make): mixed
    {
        return null === $this->value($key) ? null : $this->object($key, $make);
    }

    /**
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return list<T>
     */
    public function list(string $key, callable $make, int $most = 500): array
    {
        $made = [];
        $values = $this->array($key);
        if (\count($values) > $most) {
            return $this->fault($key, "has more than $most entries.", []);
        }
        foreach ($values as $i => $value) {
            $one = self::make($value, $this->at($key)."[$i]", $this->problems, $make);
            if (null !== $one) {
                $made[] = $one;
            }
        }

        return $made;
    }

    /**
     * An object used as a table: any key, each value read the same way.
     *
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return array<string, T>
     */
    public function table(string $key, callable $make): array
    {
        $made = [];
        foreach ($this->array($key) as $name => $value) {
            $one = self::make($value, $this->at($key).'.'.$name, $this->problems, $make);
            if (null !== $one) {
                $made[(string) $name] = $one;
            }
        }

        return $made;
    }

    /** @return array<string, Length> */
    public function lengths(string $key): array
    {
        $inner = new self($this->array($key), $this->at($key), $this->problems);
        $lengths = [];
        foreach (array_keys($inner->values) as $name) {
            $lengths[(string) $name] = $inner->length((string) $name);
        }

        return $lengths;
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

    /** Notes a fault of this object as a whole, or of one field. */
    public function problem(string $key, string $message): void
    {
        $this->problems->add('' === $key ? $this->path : $this->at($key), $message);
    }

    /**
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return T|null
     */
    private static function make(mixed $json, string $path, Problems $problems, callable $make): mixed
    {
        if (!\is_array($json) || [] !== $json && array_is_list($json)) {
            $problems->add($path, 'must be an object in braces.');

            return null;
        }
        $fields = new self($json, $path, $problems);
        $before = $problems->count();
        $made = null;
        try {
            $made = $make($fields);
        } catch (Skipped) {
        } catch (BadDocument $error) {
            foreach ($error->problems as $problem) {
                $problems->add(trim($path.'.'.$problem->path, '.'), $problem->message);
            }
        } catch (CoreError $error) {
            // After a fault a stand-in may not go together with the rest: that is no news.
            if ($before === $problems->count()) {
                $problems->add($path, $error->getMessage());
            }
        }
        $fields->refuseUnknown();

        return $made;
    }

    private function refuseUnknown(): void
    {
        foreach (array_diff_key($this->values, $this->asked) as $key => $value) {
            $known = implode(', ', array_keys($this->asked));
            $this->problems->add($this->at((string) $key), "is not a field known here: take it out, or use one of $known.");
        }
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
