<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** What the answer to a check amounts to. */
final readonly class CheckVerdict
{
    private function __construct(public Verdict $verdict, /** Of a length. */ public ?Judgement $judgement, public Sentence $sentence)
    {
    }

    public static function ofLength(Judgement $judgement): self
    {
        $values = ['is' => $judgement->value, 'by' => $judgement->margin->absolute(), 'uncertainty' => $judgement->uncertainty];

        return new self($judgement->verdict, $judgement, Sentence::of(match ($judgement->verdict) {
            Verdict::Inside => '{is}: inside.',
            Verdict::NotProved => '{is}: inside by {by:fine}, less than the ± {uncertainty:fine} of the instrument. Measure again with something finer.',
            Verdict::Out => '{is}: out by {by:fine}.',
        }, $values));
    }

    /** It cannot be right beside what else was measured, or beside the plan. */
    public static function contradicting(Judgement $judgement, Sentence $sentence): self
    {
        return new self(Verdict::Out, $judgement, $sentence);
    }

    /** A length as it was read, without what is said of it. */
    public function short(): Sentence
    {
        return null === $this->judgement ? $this->sentence : Sentence::of('{is:fine}', ['is' => $this->judgement->value]);
    }

    public static function of(bool $isInside, string $text): self
    {
        return self::told($isInside, Sentence::plain($text));
    }

    /** What somebody wrote stands in it as a value. */
    public static function told(bool $isInside, Sentence $sentence): self
    {
        return new self($isInside ? Verdict::Inside : Verdict::Out, null, $sentence);
    }
}
