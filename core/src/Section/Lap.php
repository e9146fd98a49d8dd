<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Kit\Coverage;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Kit\Part;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** How a part will lie to what it must cover or meet, against what the kit asks for. */
final readonly class Lap
{
    public function __construct(
        public LapPlace $place,
        public Part $part,
        public Coverage $coverage,
        /** Of what it must cover or meet. */
        private string $name,
        public Judgement $judgement,
    ) {
    }

    public function isShort(): bool
    {
        return $this->judgement->margin->isNegative();
    }

    public function reason(): Sentence
    {
        $window = $this->judgement->window;
        $value = $this->judgement->value;

        $why = '' === $this->coverage->reason ? '' : ' {why}';

        return Sentence::of('{where}: the {part} '.$this->lies()."; the kit asks for {asked}.$why", [
            'where' => ucfirst($this->place->where->label()),
            'part' => lcfirst($this->part->name),
            'of' => null === $this->coverage->of->asLayer() ? lcfirst($this->name) : Sentence::plain("[$this->name]"),
            'is' => $value,
            'by' => $value->absolute(),
            'asked' => null === $window->max && null !== $window->min ? $window->min : Limits::of($window->min, $window->max) ?? '',
            'why' => Sentence::plain($this->coverage->reason),
        ]);
    }

    private function lies(): string
    {
        return match ($this->coverage->rule) {
            CoverageRule::Laps => $this->judgement->value->isNegative()
                ? 'would stop {by} before the {of}'
                : ($this->judgement->margin->isNegative() ? 'would cover' : 'covers').' {is} of the {of}',
            CoverageRule::Covers => $this->judgement->value->isNegative()
                ? 'would leave {by} of the {of} bare'
                : 'covers the {of} and {is} more on the shorter side',
            CoverageRule::Butts, CoverageRule::Gap => 'lies {is} from the {of}',
            CoverageRule::EndsShortOf => $this->judgement->value->isNegative()
                ? 'would reach {by} past the end of the {of}'
                : 'ends {is} short of the end of the {of}',
            CoverageRule::CentredOn => 'is {is} off the middle of the {of}',
        };
    }
}
