<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Writer;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** A way on from what is out: what is done, what it costs, what the whole plan comes to by it; or the number that rules it out. */
final readonly class Way
{
    private function __construct(
        public WayKind $kind,
        public Sentence $title,
        public Sentence $does,
        /** Who may choose it. */
        public Writer $by,
        /** Why it is no way here; null: it is one. */
        public ?Sentence $refusal,
        public Cost $cost,
        public Choice $choice,
        /** Null: nothing is planned by it. */
        public ?Comes $comes,
    ) {
    }

    public static function of(
        WayKind $kind, Sentence $title, Sentence $does, ?Cost $cost = null, ?Choice $choice = null, Writer $by = Writer::Jointer,
    ): self {
        return new self($kind, $title, $does, $by, null, $cost ?? Cost::nothing(), $choice ?? Choice::none(), null);
    }

    /** The first reason counts. @param Sentence|null $why null: nothing stands against it */
    public function ruledOut(?Sentence $why): self
    {
        return new self(
            $this->kind, $this->title, $this->does, $this->by, $this->refusal ?? $why, $this->cost, $this->choice, $this->comes,
        );
    }

    /**
     * It is planned where nothing stands against it yet, and is one only where every rule holds as far as hands can keep it.
     *
     * @param Comes|\Closure(): Comes $to
     */
    public function comingTo(Comes|\Closure $to): self
    {
        if (null !== $this->refusal) {
            return $this;
        }
        $comes = $to instanceof Comes ? $to : $to();

        return new self(
            $this->kind, $this->title, $this->does, $this->by, $comes->tooFar ?? Thinnest::broken($comes->plan), $this->cost,
            $this->choice, $comes,
        );
    }

    /** With the time that it takes by the sheet's own steps. @param Plan $before as things stand */
    public function timed(Plan $before): self
    {
        return null === $this->comes ? $this : $this->costing($this->cost->andWork(WorkAnew::by($before, $this->comes->plan)));
    }

    public function costing(Cost $cost): self
    {
        return new self($this->kind, $this->title, $this->does, $this->by, $this->refusal, $cost, $this->choice, $this->comes);
    }

    public function isOne(): bool
    {
        return null === $this->refusal;
    }

    public function thinnest(): ?Ruling
    {
        return $this->comes?->thinnest;
    }

    /**
     * Those that are none come last. Connectors, kits, parts, cable, minutes, in this order; an engineer is asked before anything of the kit
     * is used up, and after what a jointer can do with cable and time alone.
     */
    public function costsMoreThan(self $other): int
    {
        $order = static fn (self $way): array => [
            !$way->isOne(), ...$way->cost->material(), Writer::Engineer === $way->by, ...$way->cost->effort(),
        ];

        return $order($this) <=> $order($other);
    }
}
