<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\UnreadableLength;

/** Something that a sheet's formulas need to know of a job, and that nobody can work out: a role, a choice, a length. */
final readonly class Asked
{
    /** @param list<string> $values that it can have; empty of a length */
    private function __construct(
        /** As formulas have it. */
        public string $key,
        public string $name,
        public AskedKind $kind,
        public array $values,
        /** Taken while nobody has said; null: it has to be said. */
        public ?string $default,
        /** Of a length. */
        public ?Range $window,
        public string $reason,
    ) {
    }

    public static function role(string $key, string $name, ?End $default, string $reason): self
    {
        $ends = array_map(static fn (End $end): string => $end->value, End::cases());

        return new self($key, $name, AskedKind::Role, $ends, $default?->value, null, $reason);
    }

    /**
     * @param non-empty-list<string> $values
     *
     * @throws BadKitSheet when the default is none of them
     */
    public static function choice(string $key, string $name, array $values, ?string $default, string $reason): self
    {
        return null === $default || \in_array($default, $values, true)
            ? new self($key, $name, AskedKind::Choice, $values, $default, null, $reason)
            : throw BadKitSheet::defaultIsNoChoice($key, $default, $values);
    }

    public static function length(string $key, string $name, Range $window, string $reason): self
    {
        return new self($key, $name, AskedKind::Length, [], null, $window, $reason);
    }

    /** @throws NotAsked with what would be taken, where this is not */
    public function read(string $text): string|Length
    {
        if (AskedKind::Length !== $this->kind) {
            return \in_array($text, $this->values, true) ? $text : throw NotAsked::noneOf($this->values);
        }
        try {
            $length = Length::parseWithUnit($text);
        } catch (UnreadableLength $unreadable) {
            throw NotAsked::unreadable($unreadable);
        }

        return true === $this->window?->contains($length) ? $length : throw NotAsked::outside($this->window);
    }

    /** What formulas take for it, of what was said on the job; null where it has not been said. */
    public function value(string|Length|null $said): string|Length|null
    {
        return match ($this->kind) {
            AskedKind::Length => $said instanceof Length ? $said : null,
            AskedKind::Role, AskedKind::Choice => \is_string($said) && \in_array($said, $this->values, true) ? $said : $this->default,
        };
    }
}
