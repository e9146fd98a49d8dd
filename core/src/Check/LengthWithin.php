<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Cable\End;
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
    private function __construct(
        public ?Formula $min,
        public ?Formula $max,
        /** From where to where; null where the sheet does not say. */
        public ?Measure $measure,
    ) {
    }

    /** @throws BadKitSheet when both limits are fixed and upside down */
    public static function between(?Formula $min, ?Formula $max, ?Measure $measure = null): self
    {
        if (true === $min?->isConstant() && true === $max?->isConstant() && $max->constant()->isLessThan($min->constant())) {
            throw BadKitSheet::windowUpsideDown($min->text, $max->text);
        }

        return new self($min, $max, $measure);
    }

    public static function read(Fields $file, FormulaField $formulas): self
    {
        $measure = $file->optionalObject('measures', static fn (Fields $measure): Measure => new Measure(
            $formulas->length($measure, 'from'), $formulas->length($measure, 'to'), $measure->has('across') && $measure->flag('across'),
            $measure->has('end') ? $measure->choice('end', End::class) : null,
        ));

        return self::between($formulas->optionalLength($file, 'min'), $formulas->optionalLength($file, 'max'), $measure);
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
        $contradiction = $circumstances->possible?->contradiction($answer->reading);
        $judgement = Judgement::ofReading($answer->reading, $this->windowIn($circumstances));

        return null === $contradiction ? CheckVerdict::ofLength($judgement) : CheckVerdict::contradicting($judgement, $contradiction);
    }

    /**
     * The leaflet's own limits; without them what keeps the rules, else what the plan comes to.
     *
     * @throws CoreError
     */
    public function window(Values $values, ?Possible $possible = null): Range
    {
        $min = $this->min?->length($values);
        $max = $this->max?->length($values);

        return match (true) {
            null !== $min && null !== $max => Range::between($min, $max),
            null !== $max => Range::atMost($max),
            null !== $min => Range::atLeast($min),
            default => $possible?->window() ?? Range::atLeast(Length::ofNanometres(0)),
        };
    }

    private function windowIn(Circumstances $circumstances): Range
    {
        return $circumstances->window ?? $this->window($circumstances->values, $circumstances->possible);
    }

    public function limits(Circumstances $circumstances): ?Sentence
    {
        $window = $this->windowIn($circumstances);
        $more = null === $this->min && null === $this->max ? $circumstances->possible?->more : null;
        if (null === $this->min && null === $this->max && null === $this->measure) {
            return null;
        }
        $now = Limits::fine($window->min, $window->max);

        $then = null === $more ? null : Limits::fine($window->min?->minus($more), $window->max?->minus($more));

        return null === $now || null === $then ? $now : Sentence::of(
            '{now} as supplied: {then} once it is set', ['now' => $now, 'then' => $then],
        );
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

    public function formulas(): array
    {
        return [$this->min, $this->max, $this->measure?->from, $this->measure?->to];
    }

    public function write(): array
    {
        return [
            ...array_filter(['min' => $this->min?->text, 'max' => $this->max?->text], static fn (?string $limit): bool => null !== $limit),
            ...(null === $this->measure ? [] : ['measures' => $this->measure->write()]),
        ];
    }
}
