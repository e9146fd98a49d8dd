<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Kit\Coverage;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Kit\Part;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Quantity\Length;
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
        $name = null === $this->coverage->of->asLayer() ? lcfirst($this->name) : "[$this->name]";
        $values = [
            'where' => ucfirst($this->place->where->label()),
            'part' => lcfirst($this->part->name),
            'is' => $this->judgement->value,
            'by' => $this->judgement->value->absolute(),
            'least' => $window->min ?? Length::ofNanometres(0),
            'most' => $window->max ?? $this->judgement->value,
        ];
        $asked = match (true) {
            null === $window->max => '{least}',
            null === $window->min => 'at most {most}',
            default => '{least} to {most}',
        };

        return Sentence::of(
            '{where}: the {part} '.$this->lies($name)."; the kit asks for $asked.".('' === $this->coverage->reason ? '' : ' '.$this->coverage->reason),
            $values,
        );
    }

    private function lies(string $name): string
    {
        return match ($this->coverage->rule) {
            CoverageRule::Laps => $this->judgement->value->isNegative()
                ? "would stop {by} before the $name"
                : ($this->judgement->margin->isNegative() ? 'would cover' : 'covers')." {is} of the $name",
            CoverageRule::Covers => $this->judgement->value->isNegative()
                ? "would leave {by} of the $name bare"
                : "covers the $name and {is} more on the shorter side",
            CoverageRule::Butts, CoverageRule::Gap => "lies {is} from the $name",
            CoverageRule::EndsShortOf => $this->judgement->value->isNegative()
                ? "would reach {by} past the end of the $name"
                : "ends {is} short of the end of the $name",
            CoverageRule::CentredOn => "is {is} off the middle of the $name",
        };
    }
}
