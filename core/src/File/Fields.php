<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\CoreError;
use Berm\Core\Quantity\Length;

/**
 * The fields of one JSON object, read one by one. Every fault is noted with its path and reading goes on, so that a document
 * answers with all of them; a field that nobody asked for is a fault too, where the object could be read to its end.
 */
final class Fields
{
    use PlainFields;

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
            throw BadDocument::because(
                '', \sprintf('is not JSON (%s): send one JSON object, with every text in double quotes.', lcfirst($error->getMessage())),
            );
        }

        $twice = KeysOnce::firstTwice($text);
        if (null !== $twice) {
            throw BadDocument::because(
                '', \sprintf('"%s" stands twice in one object: take one of them out.', mb_strimwidth($twice, 0, 40, '…')),
            );
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

    /** @return list<string> texts that are not empty */
    public function texts(string $key, int $longest): array
    {
        $inner = new self($this->array($key), $this->at($key), $this->problems);

        return array_map(static fn (int|string $i): string => $inner->text((string) $i, $longest), array_keys($inner->values));
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
            return $this->fault($key, 'is missing: fill it in.', null);
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
     * Looks into a list before its turn: nothing is noted, and what cannot be read is left out.
     *
     * @template T
     *
     * @param callable(self): T $look
     *
     * @return list<T>
     */
    public function peek(string $key, callable $look): array
    {
        $values = $this->values[$key] ?? null;
        $seen = [];
        foreach (\is_array($values) ? \array_slice($values, 0, 500) : [] as $value) {
            $one = \is_array($value) ? self::make($value, '', new Problems(), $look) : null;
            $seen = null === $one ? $seen : [...$seen, $one];
        }

        return $seen;
    }

    /**
     * An object used as a table: any key, each value read the same way.
     *
     * @template T
     *
     * @param callable(self, string): T $make
     *
     * @return array<string, T>
     */
    public function table(string $key, callable $make): array
    {
        $made = [];
        foreach ($this->array($key) as $name => $value) {
            $ofName = static fn (self $fields): mixed => $make($fields, (string) $name);
            $one = self::make($value, $this->at($key).'.'.$name, $this->problems, $ofName);
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
            // PHP turns a key of digits into a number; no thing is called so.
            if (\is_int($name)) {
                $inner->problem((string) $name, 'is a number where a name belongs: write {"name": "25 mm"}.');
            } else {
                $lengths[$name] = $inner->length($name);
            }
        }

        return $lengths;
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
            // Only who read to the end has asked for every field that may be there.
            $fields->refuseUnknown();
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

        return $made;
    }

    /**
     * This object, to be read another time: no field of it is looked at now, and what is wrong with it is thrown then.
     *
     * @template T
     *
     * @param callable(self): T $make
     *
     * @return \Closure(): T
     */
    public function later(callable $make): \Closure
    {
        foreach (array_keys($this->values) as $key) {
            $this->asked[(string) $key] = true;
        }

        return function () use ($make): mixed {
            $problems = new Problems();
            $made = self::make($this->values, $this->path, $problems, $make);
            $problems->ensureNone();

            return $made ?? throw BadDocument::because($this->path, 'cannot be read.');
        };
    }

    private function refuseUnknown(): void
    {
        foreach (array_diff_key($this->values, $this->asked) as $key => $value) {
            $known = implode(', ', array_keys($this->asked));
            $this->problems->add($this->at((string) $key), "is not a field known here: take it out, or use one of $known.");
        }
    }
}
