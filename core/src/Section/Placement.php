<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Connector\Connector;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Kit\Part;
use Berm\Core\Kit\Side;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Rounding;

/** Works out where the parts of a kit will lie. @internal use Section::of() */
final readonly class Placement
{
    /** @param non-empty-list<CableEnd> $cables */
    public function __construct(private array $cables, private KitSheet $sheet, private KitSize $size, private Connector $connector, private PlacedValues $values, private Axis $axis)
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
        foreach ($this->sheet->parts as $part) {
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
            Side::Across, Side::EndA => [$this->cables[0]],
            Side::EachEnd => $this->cables,
            Side::EndB => \array_slice($this->cables, 1, 1),
        };
    }

    /** @return list<Interval> */
    private function row(Part $part, CableEnd $cable): array
    {
        $tube = $this->size->parts[$part->key];
        $isAcross = Side::Across === $part->side || AccessoryFunction::Joint !== $this->sheet->application->function;
        $first = $part->from->length($this->values->at($cable)->with('part_length', $tube->installedLength));
        $intervals = [];
        for ($i = 0; $i < $tube->count; ++$i) {
            $near = $first->plus(($tube->pitch ?? Length::ofNanometres(0))->times($i));
            $far = $near->plus($tube->installedLength);
            [$from, $to] = $isAcross ? [$near, $far] : $this->axis->interval($cable->end, $near, $far);
            $intervals[] = new Interval($part->key, $part->name, $isAcross ? null : $cable->end, $from, $to, $this->radius($cable), Standing::Planned);
        }

        return $intervals;
    }

    private function radius(CableEnd $cable): Length
    {
        return Length::largest($cable->knownDiameterOver(LayerKind::Oversheath), $this->connector->diameter)->dividedBy(2, Rounding::Nearest);
    }
}
