<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Rework;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Build\Event\CheckAccepted;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\CutBack;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\CutOut;
use Berm\Core\Build\Event\DeviationAccepted;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Check\CheckKind;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Looked;
use Berm\Core\Check\Measured;
use Berm\Core\Check\SurfaceFault;
use Berm\Core\File\Fields;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Mark;
use Berm\Core\MarkOut\MarkPlace;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Rework\Lost;
use Berm\Core\Rework\Way;
use Berm\Core\Rework\WayKind;
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
    /** The check that is out. */
    public ?CheckPlace $fault = null;
    /** The cut that is out. */
    public ?MarkPlace $spoilt = null;

    private function __construct(private Job $job, public Plan $plan)
    {
        $this->now = new \DateTimeImmutable('2026-03-14T08:30:00Z');
    }

    /** @param array<string, mixed> $changes to the sheet, by path */
    private static function begun(string $sheet, ?string $slack, array $changes = []): self
    {
        $job = self::withSlack(Demo::corner($sheet, $changes), $slack);
        $self = new self($job, Plan::ofLog($job, []));
        $self->write(Written::safe());
        $leaflet = $job->sheet->leaflet ?? '';
        if ('' !== $leaflet) {
            $self->write(new LeafletRead($leaflet));
        }

        return $self;
    }

    /** @param \Closure(Mark): ?Length $spoil how much too far the cut is made; null: as planned, and on */
    public static function at(string $sheet, \Closure $spoil, ?string $slack = null): self
    {
        $self = self::begun($sheet, $slack);
        while (null !== $task = $self->plan->progress?->next()) {
            $mark = TaskKind::Cut === $task->kind ? $task->mark : null;
            $by = null === $mark ? null : $spoil($mark);
            if (null !== $mark && null !== $by) {
                $self->spoilt = $mark->place;
                $self->write(new CutMeasured($mark->place, self::reading($mark->at->plus($by))));

                return $self;
            }
            $self->write(Built::next($self->plan) ?? throw new \LogicException('something is asked for'));
        }
        throw new \OutOfBoundsException('no such cut is ever asked for');
    }

    /**
     * A length that is read so much outside its window: above it, or below it where it is negative.
     *
     * @param string                        $check   its key; the first place of it
     * @param (\Closure(Mark): Length)|null $off     how far from its mark each cut is made
     * @param array<string, mixed>          $changes to the sheet, by path
     */
    public static function atCheck(
        string $sheet, string $check, Length $past, ?string $slack = null, ?\Closure $off = null, array $changes = [],
    ): self {
        $self = self::begun($sheet, $slack, $changes);
        while (null !== $task = $self->plan->progress?->next()) {
            $place = $task->checkPlace();
            $window = $place?->check === $check ? $task->window : null;
            if (null !== $place && null !== $window) {
                $to = ($past->isNegative() ? $window->min : $window->max)?->plus($past);
                null === $to || $to->isNegative() ? throw new \OutOfBoundsException('it has no such limit') : null;
                $self->fault = $place;
                $said = $self->write(new CheckMade($place, new Measured(self::reading($to))));
                null === $said || throw new \LogicException($said);

                return $self;
            }
            $mark = TaskKind::Cut === $task->kind ? $task->mark : null;
            $self->write(null !== $mark && null !== $off ? new CutMeasured($mark->place, self::reading($mark->at->plus($off($mark))))
                : Built::next($self->plan) ?? throw new \LogicException('something is asked for'));
        }
        throw new \OutOfBoundsException('no such check is ever made');
    }

    /** A look that is answered with no, the so many-th that is asked. */
    public static function atLook(string $sheet, int $number, ?string $slack = null): self
    {
        return self::looked($sheet, $slack, Looked::andItIsNot(), static function () use (&$number): bool {
            return 0 >= --$number;
        });
    }

    /** A scorch is found on the first wall that was heated. */
    public static function atScorch(string $sheet): self
    {
        return self::looked(
            $sheet, null, Fields::read(['seen' => false, 'fault' => SurfaceFault::Scorch->value], Looked::read(...)),
            static fn (Task $task): bool => true === $task->check?->isOfHeatedSurface(),
        );
    }

    /** @param \Closure(Task): bool $isIt */
    private static function looked(string $sheet, ?string $slack, Looked $answer, \Closure $isIt): self
    {
        $self = self::begun($sheet, $slack);
        while (null !== $task = $self->plan->progress?->next()) {
            $place = CheckKind::Seen === $task->check?->question->kind() ? $task->checkPlace() : null;
            if (null !== $place && $isIt($task)) {
                $self->fault = $place;
                $said = $self->write(new CheckMade($place, $answer));
                null === $said || throw new \LogicException($said);

                return $self;
            }
            $self->write(Built::next($self->plan) ?? throw new \LogicException('something is asked for'));
        }
        throw new \OutOfBoundsException('no such look is asked');
    }

    /**
     * As far as a way goes with what is written down at once; what follows from it is asked for by the plan.
     *
     * @return bool false where it does not end in this accessory, or not by this plan: it is left, or a piece goes in
     */
    public function take(Way $way): bool
    {
        $sawn = array_map(self::reading(...), $way->choice->sawing->amounts ?? []);
        $event = match (true) {
            null !== $way->choice->writes => $way->choice->writes,
            [] !== $sawn && null === $this->plan->build->connector => new CutBack(
                End::from(array_key_first($sawn)), $sawn[array_key_first($sawn)], 'as offered',
            ),
            [] !== $sawn => new CutOut($sawn['A'], $sawn['B'] ?? null, 'as offered'),
            WayKind::LetStand === $way->kind, WayKind::Fill === $way->kind => $this->standing(),
            \in_array($way->kind, [WayKind::MeasureAgain, WayKind::Mend, WayKind::Move], true) => $this->right(),
            default => null,
        };
        if (null !== $way->choice->connector) {
            $this->changeTo($this->job->withConnector($way->choice->connector));
        }
        $refusal = null === $event ? null : $this->write($event);
        null === $refusal || throw new \LogicException($refusal);

        return !\in_array($way->kind, [WayKind::MakeSafe, WayKind::PutIn], true);
    }

    /** The length that was out, as it is by all else that was measured; null: it was none. */
    private function right(): ?CheckMade
    {
        $length = null === $this->fault ? null : $this->plan->progress?->task($this->fault)?->possible?->length->nominal;

        return null === $this->fault || null === $length || $length->isNegative() ? null : new CheckMade(
            $this->fault, new Measured(self::reading($length)),
        );
    }

    private function standing(): Event
    {
        return null === $this->fault ? new DeviationAccepted($this->spoilt ?? throw new \LogicException(), 'as offered')
            : new CheckAccepted($this->fault, 'as offered');
    }

    private function changeTo(Job $job): void
    {
        $this->job = $job;
        $this->plan = Plan::ofLog($job, $this->log);
    }

    /** From here on by another way; this one goes its own. */
    public function again(): self
    {
        return clone $this;
    }

    /** Built just as planned until the connector is on, and so many entries more. */
    public static function pastConnector(string $sheet, int $more): self
    {
        $self = self::begun($sheet, null);
        while (null !== $event = Built::next($self->plan)) {
            $more -= null === $self->plan->build->connector ? 0 : 1;
            if ($more < 0) {
                return $self;
            }
            $said = $self->write($event);
            null === $said || throw new \LogicException($said);
        }

        return $self;
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

    /** A cut is made further back, never put back. */
    private function wouldGrow(CutMeasured $cut): bool
    {
        $is = $this->plan->build->cut($cut->place)?->event->reading;

        return null !== $is && $cut->reading->value->plus($is->uncertainty())->isLessThan($is->value);
    }

    /** What the box is short of comes from another one. */
    private function fetch(): bool
    {
        return null !== Lost::without($this->plan)
            && null === $this->write(new BoxOpened('box-2', $this->job->size->gtin->digits ?? '9506000134352', 'L8', '', null, null, []));
    }

    public function last(): Entry
    {
        return $this->log[\count($this->log) - 1];
    }

    /** @return string|null what stops it on its way to the end; null: all of it is done, and nothing is out */
    public function toTheEnd(): ?string
    {
        for ($i = 0; $i < 500 && null !== $event = Built::next($this->plan); ++$i) {
            if ($event instanceof CutMeasured && $this->wouldGrow($event)) {
                return 'It was cut farther than that already: '.implode(' ', $event->place->path());
            }
            $refusal = $this->write($event);
            if (null !== $refusal && !$this->fetch()) {
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
