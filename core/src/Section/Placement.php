<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Assembly\Assembly;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\Side;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/** Works out where the parts of a kit will lie. @internal use Section::of() */
final readonly class Placement
{
    public function __construct(private Assembly $assembly, private PlacedValues $values, private Axis $axis)
    {
    }

    /**
     * A part that comes several in a row, or one on each end, has several intervals.
     *
     * @return list<Interval>
     */
    public function parts(): array
    {
        $intervals = [];
        foreach ($this->assembly->sheet->parts as $part) {
            foreach ($this->ends($part) as $cable) {
                $intervals = [...$intervals, ...$this->row($part, $cable)];
            }
        }

        return $intervals;
    }

    /** @return list<CableEnd> from which its place is reckoned */
    private function ends(Part $part): array
    {
        return match ($part->side) {
            Side::Across, Side::EndA => [$this->assembly->cables[0]],
            Side::EachEnd => $this->assembly->cables,
            Side::EndB => \array_slice($this->assembly->cables, 1, 1),
        };
    }

    /** @return list<Interval> */
    private function row(Part $part, CableEnd $cable): array
    {
        $tube = $this->assembly->size->parts[$part->key];
        $isAcross = Side::Across === $part->side || AccessoryFunction::Joint !== $this->assembly->function();
        $first = $part->from->length($this->values->at($cable)->with('part_length', $tube->installedLength));
        $intervals = [];
        for ($i = 0; $i < $tube->count; ++$i) {
            $near = $first->plus(($tube->pitch ?? Length::ofNanometres(0))->times($i));
            $far = $near->plus($tube->installedLength);
            [$from, $to] = $isAcross ? [$near, $far] : $this->axis->interval($cable->end, $near, $far);
            $end = $isAcross ? null : $cable->end;
            $intervals[] = Interval::ofPart($part, $end, $from, $to, $this->radius($cable));
        }

        return $intervals;
    }

    private function radius(CableEnd $cable): Length
    {
        $widest = Length::largest($cable->knownDiameterOver(LayerKind::Oversheath), $this->assembly->connector->diameter);

        return $widest->dividedBy(2, Rounding::Nearest);
    }
}
