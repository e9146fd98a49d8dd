<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Cable\End;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Item;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Sentence;

/** A way by which something is sawn off: what comes off first, whether there is cable and whether the box has others of what is lost. */
final readonly class Shortening
{
    private function __construct(
        private Plan $plan, private CutBack|CutOut $event, public Aftermath $aftermath, private Sawing $sawing,
    ) {
    }

    public static function ofEnd(Plan $plan, End $end, Length $amount, ?Range $window = null): self
    {
        $event = new CutBack($end, self::reading($amount), '');

        return new self($plan, $event, Aftermath::of($plan, $event), Sawing::off($end, $amount, $window));
    }

    /** @param non-empty-array<string, Length> $off by End value; of end A at least */
    public static function ofConnector(Plan $plan, array $off): self
    {
        $b = $off[End::B->value] ?? null;
        $event = new CutOut(
            self::reading($off[End::A->value] ?? throw new \LogicException('every accessory has an end A')),
            null === $b ? null : self::reading($b), '',
        );

        return new self($plan, $event, Aftermath::of($plan, $event), Sawing::offEach($off));
    }

    private static function reading(Length $length): Reading
    {
        return Reading::typed($length->toText(), LengthUnit::Millimetre, Instrument::SteelRule);
    }

    /**
     * @param Sentence $does what is done, with "{needs}" where it says how much slack that takes
     * @param Cost     $cost of it beside the cable and the parts that are lost
     */
    public function way(WayKind $kind, Sentence $title, Sentence $does, Cost $cost, bool $isWithNewKit = false): Way
    {
        $parts = $isWithNewKit ? [] : Lost::among($this->aftermath->falls(), $this->plan);
        $whole = $cost->andParts($parts)->andCable($this->sawing->all());
        $way = Way::of($kind, $title, $this->withParts($does), $whole, Choice::sawing($this->sawing))
            ->ruledOut($this->event->refusal($this->plan))->ruledOut($this->tooShort());
        $made = $isWithNewKit || !$way->isOne() ? $way : $way->comingTo(fn (): Comes => Comes::of($this->aftermath));
        $isFromBox = !$isWithNewKit && ($made->isOne() || null === Lost::without($made->comes->plan ?? $this->plan));

        return ($isFromBox ? $made : $way->costing($cost->andKit()->andCable($this->sawing->all()))
            ->comingTo(fn (): Comes => Comes::of($this->aftermath, true)))->timed($this->plan);
    }

    /** What is set there and would be in the way, or lie off its place, comes off first. */
    private function withParts(Sentence $does): Sentence
    {
        $parts = array_map(static fn (Item $item): string => lcfirst($item->name), $this->aftermath->comesOff());
        $first = [] === $parts ? '' : Sentence::of('First take off: {parts}.', ['parts' => implode(', ', array_unique($parts))]);

        return Sentence::of('{does}{unknown} {first}', ['does' => $does, 'unknown' => $this->unknown() ?? '', 'first' => $first]);
    }

    private function unknown(): ?Sentence
    {
        foreach ($this->sawing->amounts as $end => $amount) {
            if (null === SlackLeft::of($this->plan, End::from($end))) {
                return Sentence::of(
                    " It needs {needs:fine} of slack: nobody has measured what end $end has.", ['needs' => $amount],
                );
            }
        }

        return null;
    }

    private function tooShort(): ?Sentence
    {
        foreach ($this->sawing->amounts as $end => $amount) {
            $short = SlackLeft::short($this->plan, End::from($end), $amount);
            if (null !== $short) {
                return $short;
            }
        }

        return null;
    }
}
