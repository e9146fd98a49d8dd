<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\CoreError;
use Berm\Core\File\Fields;
use Berm\Core\File\FormulaField;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\BadKitSheet;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** Count them; each limit is a number, or a formula of one: "bolts". */
final readonly class CountWithin implements Question
{
    private function __construct(public ?Formula $least, public ?Formula $most)
    {
    }

    /** @throws BadKitSheet when both limits are fixed and upside down */
    public static function between(?Formula $least, ?Formula $most): self
    {
        $nothing = Values::of([]);
        if (true === $least?->isConstant() && true === $most?->isConstant() && $most->number($nothing) < $least->number($nothing)) {
            throw BadKitSheet::windowUpsideDown($least->text, $most->text);
        }

        return new self($least, $most);
    }

    public static function read(Fields $file, FormulaField $formulas): self
    {
        return self::between($formulas->optionalCount($file, 'min'), $formulas->optionalCount($file, 'max'));
    }

    public function kind(): CheckKind
    {
        return CheckKind::Count;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Counted;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        \assert($answer instanceof Counted);
        [$least, $most] = $this->window($circumstances->values);

        return CheckVerdict::of($answer->count >= ($least ?? 0) && $answer->count <= ($most ?? \PHP_INT_MAX), "$answer->count.");
    }

    public function limits(Circumstances $circumstances): ?Sentence
    {
        [$least, $most] = $this->window($circumstances->values);

        return Limits::fine($least, $most);
    }

    public function rule(): ?Sentence
    {
        $said = static fn (?Formula $limit): int|string|null => match (true) {
            null === $limit => null,
            $limit->isConstant() => (int) $limit->text,
            default => $limit->text,
        };

        return Limits::fine($said($this->least), $said($this->most));
    }

    public function formulas(): array
    {
        return [$this->least, $this->most];
    }

    public function write(): array
    {
        $limits = ['min' => $this->least, 'max' => $this->most];

        return array_map(
            static fn (Formula $limit): int|string => $limit->isConstant() ? (int) $limit->text : $limit->text,
            array_filter($limits, static fn (?Formula $limit): bool => null !== $limit),
        );
    }

    /**
     * @return array{int|null, int|null}
     *
     * @throws CoreError
     */
    public function window(Values $values): array
    {
        $number = static fn (?Formula $limit): ?int => null === $limit ? null : (int) round($limit->number($values));

        return [$number($this->least), $number($this->most)];
    }
}
