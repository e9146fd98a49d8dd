<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Connector\Connector;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\KitSize;
use Berm\Core\MarkOut\RuleValues;
use Berm\Core\Site\Site;

/** The quantities that places and checks are worked out with: those of the cuts, and where the cuts of both ends are. */
final readonly class PlacedValues
{
    /** @param non-empty-list<CableEnd> $cables */
    public function __construct(private array $cables, private KitSize $size, private Connector $connector, private Site $site, private CutPlaces $places)
    {
    }

    public function at(CableEnd $cable): Values
    {
        $values = RuleValues::of($cable, $this->size->dimensions, $this->connector, $this->site);
        foreach ($this->cables as $other) {
            foreach ($this->places->cuts($other->end) as $cut) {
                $values = $values->with(($other->end === $cable->end ? '' : 'other_').$cut->formulaName(), $this->places->of($other->end, $cut));
            }
        }

        return $values;
    }
}
