<?php

declare(strict_types=1);

namespace Berm\Core\Rework;

use Berm\Core\Build\Writer;
use Berm\Core\Connector\Connector;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\Length;
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
        /** What holds by least once it is done; null: nothing is planned by it. */
        public ?Ruling $thinnest,
        public ?Sawing $sawing,
        public ?Connector $connector,
    ) {
    }

    public static function of(WayKind $kind, Sentence $title, Sentence $does, Writer $by = Writer::Jointer): self
    {
        return new self($kind, $title, $does, $by, null, null, null, null);
    }

    public static function sawing(Sentence $title, Sentence $does, Sawing $sawing): self
    {
        return new self(WayKind::CutBack, $title, $does, Writer::Jointer, null, null, $sawing, null);
    }

    public static function taking(Connector $connector, Sentence $does): self
    {
        $title = Sentence::of('Take {connector}', ['connector' => $connector->name]);

        return new self(WayKind::OtherConnector, $title, $does, Writer::Jointer, null, null, null, $connector);
    }

    /** The first reason counts. @param Sentence|null $why null: nothing stands against it */
    public function ruledOut(?Sentence $why): self
    {
        return new self(
            $this->kind, $this->title, $this->does, $this->by, $this->refusal ?? $why, $this->thinnest, $this->sawing, $this->connector,
        );
    }

    /** It is one only where every rule holds as far as hands can keep it. @param Plan $plan as it comes to by it */
    public function comingTo(Plan $plan): self
    {
        return new self(
            $this->kind, $this->title, $this->does, $this->by, $this->refusal ?? Thinnest::broken($plan), Thinnest::of($plan),
            $this->sawing, $this->connector,
        );
    }

    public function isOne(): bool
    {
        return null === $this->refusal;
    }

    /** Cable that is lost. */
    public function cable(): Length
    {
        return $this->sawing->amount ?? Length::ofNanometres(0);
    }

    /** By what it uses up: connectors, then cable. */
    public function costsMoreThan(self $other): int
    {
        $cost = static fn (self $way): array => [!$way->isOne(), null !== $way->connector, $way->cable()->nanometres];

        return $cost($this) <=> $cost($other);
    }
}
