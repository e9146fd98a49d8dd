<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Kit\Part;
use Berm\Core\Quantity\Judgement;
use Berm\Core\Saying\Sentence;

/** How far a part will lie on a layer it must cover, against what the kit asks for. */
final readonly class Lap
{
    public function __construct(public Part $part, public End $end, public LayerKind $layer, public Judgement $judgement)
    {
    }

    public function reason(): Sentence
    {
        $verb = $this->judgement->margin->isNegative() ? 'would cover' : 'covers';

        return Sentence::of(
            "End {end}: the {part} $verb {lap} of the [{$this->layer->label()}]; the kit asks for {least}.",
            ['end' => $this->end->value, 'part' => lcfirst($this->part->name), 'lap' => $this->judgement->value, 'least' => $this->judgement->window->min ?? $this->judgement->value],
        );
    }
}
