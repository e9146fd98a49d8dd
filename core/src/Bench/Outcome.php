<?php

declare(strict_types=1);

namespace Berm\Core\Bench;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Saying\Sentence;

/** What a tool comes to: its figures, the first of them the one that was asked for; how, with the numbers put in; and how that looks. */
final readonly class Outcome
{
    /**
     * @param list<Figure>   $figures
     * @param list<Sentence> $working
     * @param list<Sentence> $warnings
     * @param list<Shape>    $shapes
     */
    private function __construct(public array $figures, public array $working, public array $warnings, public array $shapes)
    {
    }

    /** @param Length|Temperature|string $value a length is said as calipers read it */
    public static function of(string $label, Length|Temperature|string $value): self
    {
        return (new self([], [], [], []))->also($label, $value);
    }

    /** @param bool $isAlong a length that a tape measures, not calipers */
    public function also(string $label, Length|Temperature|string $value, bool $isAlong = false): self
    {
        $template = $value instanceof Length && !$isAlong ? '{value:fine}' : '{value}';
        $figure = new Figure(Sentence::plain($label), Sentence::of($template, ['value' => $value]));

        return new self([...$this->figures, $figure], $this->working, $this->warnings, $this->shapes);
    }

    /** @param array<string, Length|Temperature|string> $values */
    public function by(string $template, array $values = []): self
    {
        return new self($this->figures, [...$this->working, Sentence::of($template, $values)], $this->warnings, $this->shapes);
    }

    /** @param array<string, Length|Temperature|string> $values */
    public function warning(bool $is, string $template, array $values = []): self
    {
        return $is ? new self($this->figures, $this->working, [...$this->warnings, Sentence::of($template, $values)], $this->shapes)
            : $this;
    }

    public function drawn(Shape ...$shapes): self
    {
        return new self($this->figures, $this->working, $this->warnings, array_values($shapes));
    }
}
