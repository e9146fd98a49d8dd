<?php

declare(strict_types=1);

namespace Berm\Core\Saying;

use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Temperature;
use Berm\Core\Quantity\TemperatureDifference;

/**
 * A reason with its values still in it: "The [oversheath] measures {measured}; size 2 takes up to {limit}."
 *
 * {name} stands for a value, {name:fine} for a length that calipers read; [word] is said in the reader's own vocabulary.
 * The reader's units and words are put in at the edge, so one sentence serves people in mm and people in inches.
 */
final readonly class Sentence
{
    /** @param array<string, Length|Temperature|TemperatureDifference|self|string|int> $values */
    private function __construct(public string $template, public array $values)
    {
    }

    public static function plain(string $text): self
    {
        return new self($text, []);
    }

    /**
     * @param array<string, Length|Temperature|TemperatureDifference|self|string|int> $values one for each {name}; what a person wrote is a
     *                                                                                        value, never part of the template
     */
    public static function of(string $template, array $values): self
    {
        return new self($template, $values);
    }

    /** Its first letter a capital, also where that is the first of a trade word. */
    public function capitalised(): self
    {
        $rest = ltrim($this->template, '[');

        return new self(
            str_repeat('[', \strlen($this->template) - \strlen($rest)).mb_strtoupper(mb_substr($rest, 0, 1)).mb_substr($rest, 1),
            $this->values,
        );
    }

    public function equals(self $other): bool
    {
        return $this->template === $other->template && serialize($this->values) === serialize($other->values);
    }
}
