<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\CoreError;
use Berm\Core\File\Fields;
use Berm\Core\File\FormulaField;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\BadKitSheet;
use Berm\Core\Kit\Words\FormulaInWords;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** Measure a length; each limit is a formula. */
final readonly class LengthWithin implements Question
{
    private function __construct(public ?Formula $min, public ?Formula $max)
    {
    }

    /** @throws BadKitSheet when both limits are fixed and upside down */
    public static function between(?Formula $min, ?Formula $max): self
    {
        if (true === $min?->isConstant() && true === $max?->isConstant() && $max->constant()->isLessThan($min->constant())) {
            throw BadKitSheet::windowUpsideDown($min->text, $max->text);
        }

        return new self($min, $max);
    }

    public static function read(Fields $file, FormulaField $formulas): self
    {
        return self::between($formulas->optionalLength($file, 'min'), $formulas->optionalLength($file, 'max'));
    }

    public function kind(): CheckKind
    {
        return CheckKind::Length;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Measured;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        \assert($answer instanceof Measured);

        return CheckVerdict::ofLength(Judgement::ofReading($answer->reading, $this->window($circumstances->values)));
    }

    /** @throws CoreError */
    public function window(Values $values): Range
    {
        $min = $this->min?->length($values);
        $max = $this->max?->length($values);

        return match (true) {
            null !== $min && null !== $max => Range::between($min, $max),
            null !== $max => Range::atMost($max),
            default => Range::atLeast($min ?? Length::ofNanometres(0)),
        };
    }

    public function limits(Values $values): ?Sentence
    {
        return null === $this->min && null === $this->max ? null : Limits::fine($this->min?->length($values), $this->max?->length($values));
    }

    public function rule(): ?Sentence
    {
        [$min, $inMin] = null === $this->min ? [null, []] : FormulaInWords::of($this->min, 'n');
        [$max, $inMax] = null === $this->max ? [null, []] : FormulaInWords::of($this->max, 'x');
        $limits = array_filter(
            [null === $min ? null : "at least $min", null === $max ? null : "at most $max"],
            static fn (?string $limit): bool => null !== $limit,
        );

        return [] === $limits ? null : Sentence::of(implode(', ', $limits), [...$inMin, ...$inMax]);
    }

    public function write(): array
    {
        return array_filter(['min' => $this->min?->text, 'max' => $this->max?->text], static fn (?string $limit): bool => null !== $limit);
    }
}
