<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\File\BadDocument;
use Berm\Core\File\Problem;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Temperature;

/** What a tool was given, each value inside its limits. */
final readonly class Given
{
    /** @param array<string, Length|Temperature|float|string> $values by key */
    private function __construct(private array $values, public LengthUnit $unit)
    {
    }

    /**
     * @param list<Ask>             $asks
     * @param array<string, string> $texts by key; what is missing is as it is at first
     *
     * @throws BadDocument naming every field that cannot be taken
     */
    public static function of(array $asks, array $texts, LengthUnit $unit): self
    {
        [$values, $problems] = [[], []];
        foreach ($asks as $ask) {
            try {
                $values[$ask->key] = $ask->read($texts[$ask->key] ?? $ask->first[$unit->value], $unit);
            } catch (OutOfBench $out) {
                $problems[] = new Problem($ask->key, $out->getMessage());
            }
            unset($texts[$ask->key]);
        }
        foreach (array_keys($texts) as $key) {
            $problems[] = new Problem($key, 'is not asked for by this tool: leave it out.');
        }[] === $problems || throw BadDocument::with($problems);

        return new self($values, $unit);
    }

    public function length(string $key): Length
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof Length ? $value : throw new \LogicException("$key is no length");
    }

    public function mm(string $key): float
    {
        return $this->length($key)->inMillimetres();
    }

    public function number(string $key): float
    {
        $value = $this->values[$key] ?? null;

        return \is_float($value) ? $value : throw new \LogicException("$key is no number");
    }

    public function celsius(string $key): float
    {
        $value = $this->values[$key] ?? null;

        return $value instanceof Temperature ? $value->celsius : throw new \LogicException("$key is no temperature");
    }

    public function text(string $key): string
    {
        $value = $this->values[$key] ?? null;

        return \is_string($value) ? $value : throw new \LogicException("$key is no text");
    }
}
