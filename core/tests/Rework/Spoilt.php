<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Gate;
use Berm\Core\Build\TaskKind;
use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Written;

/** A job that somebody builds just as planned, until one cut is made otherwise; and goes on from there. */
final class Spoilt
{
    /** @var list<Entry> */
    private array $log = [];
    private \DateTimeImmutable $now;

    private function __construct(private readonly Job $job, public Plan $plan)
    {
        $this->now = new \DateTimeImmutable('2026-03-14T08:30:00Z');
    }

    /** @param \Closure(Mark): ?Length $spoil how much too far the cut is made; null: as planned, and on */
    public static function at(string $sheet, \Closure $spoil, ?string $slack = null): self
    {
        $job = self::withSlack(Demo::corner($sheet), $slack);
        $self = new self($job, Plan::ofLog($job, []));
        $self->write(Written::safe());
        $leaflet = $job->sheet->leaflet ?? '';
        if ('' !== $leaflet) {
            $self->write(new LeafletRead($leaflet));
        }
        while (null !== $task = $self->plan->progress?->next()) {
            $mark = TaskKind::Cut === $task->kind ? $task->mark : null;
            $by = null === $mark ? null : $spoil($mark);
            if (null !== $mark && null !== $by) {
                $self->write(new CutMeasured($mark->place, self::reading($mark->at->plus($by))));

                return $self;
            }
            $self->write(Built::next($self->plan) ?? throw new \LogicException('something is asked for'));
        }
        throw new \LogicException('no such cut is ever asked for');
    }

    /** The last cut of end A that is made before the connector is on, on core 1, so much past its window. */
    public static function insideOut(string $sheet, Length $past, ?string $slack = null): self
    {
        return self::at($sheet, static fn (Mark $mark): ?Length => End::A === $mark->place->end && 1 === ($mark->place->core ?? 1)
            && 'insulation' === $mark->place->cut->value ? $mark->tolerance->above->plus($past) : null, $slack);
    }

    /** @param string|null $slack of end A; null: nobody has measured it */
    private static function withSlack(Job $job, ?string $slack): Job
    {
        $cable = $job->cables[End::A->value] ?? throw new \LogicException('it has an end A');
        $found = $cable->asFound;
        $measured = AsFound::sheet(
            $found->readings, $found->walls, $found->conditions, $found->surface,
            null === $slack ? null : self::reading(Length::parseWithUnit($slack)), $found->position, $found->seen,
        );
        $end = new CableEnd(End::A, $cable->construction, $measured, $cable->freeLength);

        return new Job(
            $job->name, $job->function, $job->unit, [...$job->cables, End::A->value => $end], $job->sheet, $job->size, $job->connector,
            $job->site, $job->said,
        );
    }

    public static function reading(Length $length): Reading
    {
        return Reading::typed($length->toText(), LengthUnit::Millimetre, Instrument::SteelRule);
    }

    /** What was said against it, in mm; null: it is written down. */
    public function write(Event $event): ?string
    {
        $refusal = (new Gate($this->plan))->refusal($event);
        if (null !== $refusal) {
            return (new Reader(LengthUnit::Millimetre))->say($refusal);
        }
        $this->now = $this->now->modify('+2 minutes');
        $this->log[] = $this->plan->entry(\sprintf('019aa100-0000-7000-8000-%012d', \count($this->log)), 'ida', $this->now, $event);
        $this->plan = Plan::ofLog($this->job, $this->log);

        return null;
    }

    public function last(): Entry
    {
        return $this->log[\count($this->log) - 1];
    }

    /** @return string|null what stops it on its way to the end; null: all of it is done, and nothing is out */
    public function toTheEnd(): ?string
    {
        for ($i = 0; $i < 500 && null !== $event = Built::next($this->plan); ++$i) {
            $refusal = $this->write($event);
            if (null !== $refusal) {
                return $refusal;
            }
        }
        foreach ($this->plan->progress?->tasks() ?? [] as $task) {
            if ($task->isOut) {
                return 'Out: '.(new Reader(LengthUnit::Millimetre))->say($task->title);
            }
        }

        return $this->plan->completion()->isDone() ? null : 'It is not done.';
    }
}
