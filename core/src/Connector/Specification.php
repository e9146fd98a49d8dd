<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Conductor\ConductorShape;
use Berm\Core\Saying\Sentence;

/** What a maker's sheet says of a connector beyond its dimensions; what it does not say is left open. */
final readonly class Specification
{
    /** @param non-empty-list<ConductorShape> $shapes conductors that it takes */
    public function __construct(
        public array $shapes,
        public ?ConnectorClass $class,
        public CentreStop $stop,
        public bool $isOilBlocked,
        public ?Crimps $crimps,
        public ?Bolts $bolts,
        /** Of a lug. */
        public ?Pad $pad,
    ) {
    }

    /**
     * Round conductors of every stranding.
     *
     * @return non-empty-list<ConductorShape>
     */
    public static function roundShapes(): array
    {
        return [ConductorShape::Solid, ConductorShape::Stranded, ConductorShape::Compressed, ConductorShape::Compacted];
    }

    /** @return list<Sentence> how it is made and fixed, for people */
    public function inWords(int $sides): array
    {
        return array_values(array_filter([
            null === $this->class ? null : Sentence::plain("IEC 61238-1-3 class {$this->class->value}."),
            match ($this->stop) {
                CentreStop::None => null,
                CentreStop::Partial => Sentence::plain('A stop at its centre; oil can pass.'),
                CentreStop::Solid => Sentence::plain('A solid stop at its centre.'),
            },
            $this->isOilBlocked ? Sentence::plain('Blocked against oil and water in the strands.') : null,
            \in_array(ConductorShape::Sector, $this->shapes, true) ? Sentence::plain('Takes sector-shaped conductors.') : null,
            null === $this->pad ? null : Sentence::of(1 === $this->pad->holes ? 'Pad {width:fine} wide, one hole of {hole:fine}.' : "Pad {width:fine} wide, {$this->pad->holes} holes of {hole:fine}.", ['width' => $this->pad->width, 'hole' => $this->pad->hole]),
            $this->crimping($sides),
            $this->bolting(),
            true === $this->bolts?->leavesVoids ? Sentence::plain('The bolts leave hollows: fill them with the putty that goes with it.') : null,
        ]));
    }

    private function crimping(int $sides): ?Sentence
    {
        if (null === $this->crimps) {
            return null;
        }
        $growth = $this->crimps->totalGrowth($sides);
        $where = 1 === $sides ? '' : ' a side';
        $values = ['die' => $this->crimps->die, 'count' => $this->crimps->perSide];

        return null === $growth
            ? Sentence::of("Die {die}; {count} crimps$where.", $values)
            : Sentence::of("Die {die}; {count} crimps$where; it grows by {growth:fine} in all.", [...$values, 'growth' => $growth]);
    }

    private function bolting(): ?Sentence
    {
        if (null === $this->bolts) {
            return null;
        }
        $order = [] === $this->bolts->order ? '' : ', in the order '.implode(', ', $this->bolts->order);
        $torque = null === $this->bolts->torque ? '' : '; they shear at about '.$this->bolts->torque->inBothUnits();

        return Sentence::plain("{$this->bolts->count} bolts$order$torque.");
    }
}
