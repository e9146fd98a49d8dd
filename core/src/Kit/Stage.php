<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Cable\End;
use Berm\Core\Check\Check;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Values;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Duration;

/** A stretch of the work as the leaflet has it: what is done, looked at and used, step by step, and what it hides. */
final readonly class Stage
{
    /** @var list<string> keys of items that are parked here */
    public array $parks;

    /** @var list<Cut> made here, on every end and core of its scope that has the layer */
    public array $cuts;

    /** @var list<string> keys of items that come to their place here */
    public array $installs;

    /** @var list<string> keys of stock */
    public array $uses;

    /** @var list<string> keys of items that come off again here */
    public array $takesOff;

    /** @var list<Check> */
    public array $checks;

    /** @var list<string> what to do, one sentence a line */
    public array $does;

    public bool $fitsConnector;

    /**
     * @param list<string> $cautions where people or the cable can be hurt
     * @param list<Step>   $steps
     */
    private function __construct(
        public string $key,
        public string $title,
        public ?Formula $when,
        public Scope $scope,
        public array $cautions,
        public array $steps,
        /** There is no way back from it. */
        public bool $isOneWay,
        /** Somebody else looks before work goes on. */
        public bool $isHoldPoint,
        public string $reason,
    ) {
        $keys = static fn (StepKind $kind): array => array_values(array_map(
            static fn (Step $step): string => $step->key, array_filter($steps, static fn (Step $step): bool => $step->kind === $kind),
        ));
        $this->parks = $keys(StepKind::Park);
        $this->installs = $keys(StepKind::Set);
        $this->uses = $keys(StepKind::Use);
        $this->takesOff = $keys(StepKind::Off);
        $this->cuts = array_values(array_filter(array_map(static fn (Step $step): ?Cut => $step->cut, $steps)));
        $this->checks = array_values(array_filter(array_map(static fn (Step $step): ?Check => $step->check, $steps)));
        $this->does = array_values(
            array_filter(array_map(static fn (Step $step): string => $step->text, $steps), static fn (string $text): bool => '' !== $text),
        );
        $this->fitsConnector = [] !== array_filter($steps, static fn (Step $step): bool => StepKind::Connector === $step->kind);
    }

    /**
     * @param list<string> $cautions
     * @param list<Step>   $steps
     */
    public static function of(
        string $key, string $title, ?Formula $when, Scope $scope, array $cautions, array $steps, bool $isOneWay, bool $isHoldPoint,
        string $reason,
    ): self {
        return new self($key, $title, $when, $scope, $cautions, $steps, $isOneWay, $isHoldPoint, $reason);
    }

    /**
     * A stage of which a leaflet says nothing more.
     *
     * @param list<Step> $steps
     */
    public static function bare(string $key, string $title, array $steps, bool $isOneWay): self
    {
        return new self($key, $title, null, Scope::Whole, [], $steps, $isOneWay, false, '');
    }

    /** @param list<Step> $steps */
    public function withSteps(array $steps): self
    {
        return new self(
            $this->key, $this->title, $this->when, $this->scope, $this->cautions, $steps, $this->isOneWay, $this->isHoldPoint,
            $this->reason,
        );
    }

    /** False only when its condition is known not to hold. */
    public function isIn(Values $values): bool
    {
        return null === $this->when || !$this->when->isKnown($values) || $this->when->holds($values);
    }

    /** @return list<Formula> */
    public function formulas(): array
    {
        $ofChecks = array_map(static fn (Check $check): array => [$check->when, ...$check->question->formulas()], $this->checks);

        return array_values(
            array_filter([$this->when, ...array_merge([], ...$ofChecks)], static fn (?Formula $formula): bool => null !== $formula),
        );
    }

    /** As far as its steps say how long they take; null where none does. */
    public function work(): ?Duration
    {
        return self::sum(array_map(static fn (Step $step): ?Duration => $step->work, $this->steps));
    }

    /** What has to be waited in it, beside its waits that are checks. */
    public function wait(): ?Duration
    {
        return self::sum(array_map(static fn (Step $step): ?Duration => $step->wait, $this->steps));
    }

    /** @param list<Duration|null> $times */
    private static function sum(array $times): ?Duration
    {
        $known = array_filter($times, static fn (?Duration $time): bool => null !== $time);

        return [] === $known ? null : Duration::ofSeconds(array_sum(array_map(static fn (Duration $time): int => $time->seconds, $known)));
    }

    public function makes(Cut $cut, End $end): bool
    {
        return \in_array($cut, $this->cuts, true) && $this->scope->includes($end);
    }

    /** A check comes after the connector is fixed in this stage. */
    public function isAfterConnector(string $check): bool
    {
        $isFixed = false;
        foreach ($this->steps as $step) {
            if ($step->check?->key === $check) {
                return $isFixed;
            }
            $isFixed = $isFixed || StepKind::Connector === $step->kind;
        }

        return false;
    }

    public function check(string $key): ?Check
    {
        foreach ($this->checks as $check) {
            if ($check->key === $key) {
                return $check;
            }
        }

        return null;
    }
}
