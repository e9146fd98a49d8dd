<?php

declare(strict_types=1);

namespace Berm\Core\Tests;

use Berm\Core\Build\Entry;
use Berm\Core\Build\Event;
use Berm\Core\Build\Event\Applied;
use Berm\Core\Build\Event\CheckMade;
use Berm\Core\Build\Event\ConnectorFitted;
use Berm\Core\Build\Event\CutMeasured;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Event\LeafletRead;
use Berm\Core\Build\Event\PartParked;
use Berm\Core\Build\Event\StageFinished;
use Berm\Core\Build\Gate;
use Berm\Core\Build\Task;
use Berm\Core\Build\TaskKind;
use Berm\Core\Check\CheckKind;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\Counted;
use Berm\Core\Check\Identified;
use Berm\Core\Check\Looked;
use Berm\Core\Check\Made;
use Berm\Core\Check\Measured;
use Berm\Core\Check\Noted;
use Berm\Core\Check\ProvedBy;
use Berm\Core\Check\Tightened;
use Berm\Core\Check\TorqueWithin;
use Berm\Core\Check\Waited;
use Berm\Core\Check\WaitSince;
use Berm\Core\Job\Job;
use Berm\Core\Job\Plan;
use Berm\Core\MarkOut\Cut;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Reading;
use Berm\Core\Quantity\Rounding;
use Berm\Core\Quantity\Torque;
use Berm\Core\Saying\Reader;

/** Somebody who builds a job task by task as the plan asks, each cut and each measurement just as planned, until nothing is left. */
final class Built
{
    /** @var list<Entry> */
    public array $log;
    public ?Plan $plan = null;
    private \DateTimeImmutable $now;

    /** @var array<string, self> by sheet */
    private static array $exact = [];

    /**
     * @param (\Closure(Mark|Task): ?Length)|null              $off  where a cut lies, or what a length is read as, if not just as planned
     * @param (\Closure(Event, \DateTimeImmutable): void)|null $also who else takes it down, and when it was done
     */
    private function __construct(
        private readonly Job $job, private ?\Closure $off, private readonly ?\Closure $also, \DateTimeImmutable $from,
    ) {
        $this->now = $from;
        $this->log = [];
    }

    /** It is safe to start, and the leaflet is the sheet's. */
    private function begun(): self
    {
        $this->write(Written::safe());
        $leaflet = $this->job->sheet->leaflet ?? '';
        if ('' !== $leaflet) {
            $this->write(new LeafletRead($leaflet));
        }

        return $this;
    }

    /**
     * @param (\Closure(Mark|Task): ?Length)|null              $off
     * @param (\Closure(Event, \DateTimeImmutable): void)|null $also
     */
    public static function toTheEnd(
        Job $job, ?\Closure $off = null, ?\Closure $also = null, string $from = '2026-03-14T08:30:00Z', int $most = 400,
    ): self {
        return (new self($job, $off, $also, new \DateTimeImmutable($from)))->begun()->goOn($most);
    }

    /**
     * The first corner of a demo sheet, just as planned. Several tests look at the same build: it is made once.
     *
     * @return array{Plan, list<Entry>}
     */
    public static function exactly(string $sheet): array
    {
        $built = self::$exact[$sheet] ??= self::toTheEnd(Demo::corner($sheet));

        return [$built->plan ?? throw new \LogicException('nothing was planned'), $built->log];
    }

    /**
     * As far as nothing is refused or called out.
     *
     * @param \Closure(Mark|Task): ?Length $off
     *
     * @return array{Plan, string|null} how it stands then, and what was said; null where it came to the end
     */
    public static function asFarAsItGoes(Job $job, \Closure $off): array
    {
        return (new self($job, $off, null, new \DateTimeImmutable('2026-03-14T08:30:00Z')))->tried(true);
    }

    /**
     * From here on as far as nothing is refused or called out, some of it otherwise.
     *
     * @param \Closure(Mark|Task): ?Length $off
     *
     * @return array{Plan, string|null} how it stands then, and what was said; null where it came to the end
     */
    public function triedWith(\Closure $off): array
    {
        $other = clone $this;
        $other->off = $off;

        return $other->tried(false);
    }

    /** @return array{Plan, string|null} */
    private function tried(bool $isNew): array
    {
        $said = null;
        try {
            ($isNew ? $this->begun() : $this)->goOn(400);
        } catch (\LogicException $alarm) {
            $said = $alarm->getMessage();
        }

        return [$this->plan ?? throw new \LogicException('nothing was planned'), $said];
    }

    /** @return iterable<Task, self> what is asked next, and the build as it is before that is done */
    public static function stepByStep(Job $job): iterable
    {
        $built = (new self($job, null, null, new \DateTimeImmutable('2026-03-14T08:30:00Z')))->begun();
        while (null !== $task = $built->plan?->progress?->next()) {
            yield $task => $built;
            $built->write($built->event($task));
        }
    }

    /** What somebody would write down next, just as planned; null where nothing is left. */
    public static function next(Plan $plan): ?Event
    {
        $task = $plan->progress?->next();

        return null === $task ? null : (new self($plan->job, null, null, new \DateTimeImmutable()))->event($task);
    }

    /**
     * From here on to the end, some of it otherwise; what it is taken from goes its own way.
     *
     * @param \Closure(Mark|Task): ?Length $off
     */
    public function otherwise(\Closure $off): self
    {
        $other = clone $this;
        $other->off = $off;

        return $other->goOn(400);
    }

    private function goOn(int $most): self
    {
        for ($i = 0; $i < $most; ++$i) {
            $task = $this->plan?->progress?->next();
            if (null === $task) {
                return $this;
            }
            $this->write($this->event($task));
        }
        throw new \LogicException('It does not come to an end.');
    }

    /** @throws \LogicException where it is refused, or leaves something out of its limits */
    private function write(Event $event): void
    {
        $this->now = $this->now->modify('+2 minutes');
        $refusal = null === $this->plan ? null : (new Gate($this->plan))->refusal($event);
        null === $refusal || throw new \LogicException('Refused: '.(new Reader(LengthUnit::Millimetre))->say($refusal));
        if (null !== $this->also) {
            ($this->also)($event, $this->now);
        }
        $this->log[] = Entry::of(\sprintf('019aa100-0000-7000-8000-%012d', \count($this->log)), 'ida', $this->now, $event);
        $this->plan = Plan::ofLog($this->job, $this->log);
        foreach ($this->plan->progress?->tasks() ?? [] as $task) {
            $task->isOut && throw new \LogicException('Out: '.$this->said($task));
        }
    }

    private function event(Task $task): Event
    {
        return match ($task->kind) {
            TaskKind::Park => new PartParked($task->where->end ?? throw new \LogicException(), $task->item->key ?? ''),
            TaskKind::Cut => new CutMeasured(
                $task->mark->place ?? throw new \LogicException(), self::reading($this->at($task->mark)),
            ),
            TaskKind::Work => new Applied($task->work ?? throw new \LogicException()),
            TaskKind::Connector => new ConnectorFitted('B1'),
            TaskKind::Check => $this->check($task, $task->checkPlace() ?? throw new \LogicException()),
            TaskKind::Finish => new StageFinished($task->stage->key),
            TaskKind::Release => new HoldReleased($task->stage->key),
        };
    }

    private function at(Mark $mark): Length
    {
        return null === $this->off ? $mark->at : ($this->off)($mark) ?? $mark->at;
    }

    private function check(Task $task, CheckPlace $place): CheckMade
    {
        $question = $task->check->question ?? throw new \LogicException();
        if ($question instanceof WaitSince) {
            // Just long enough.
            $this->now = $this->now->modify('+'.(int) ceil($question->least->seconds ?? 0).' seconds');
        }

        return new CheckMade($place, match ($question->kind()) {
            CheckKind::Seen => Looked::andItIsSo(),
            CheckKind::Length => new Measured(self::reading(
                null === $this->off ? $this->length($task) : ($this->off)($task) ?? $this->length($task),
            )),
            CheckKind::Count => new Counted(self::count($task)),
            CheckKind::Torque => new Tightened(
                $question instanceof TorqueWithin
                    ? $question->least ?? $question->most ?? Torque::parse('40 N·m')
                    : Torque::parse('40 N·m'),
            ),
            CheckKind::Wait => Waited::itOut(),
            CheckKind::Note => new Noted('B-77'),
            CheckKind::Phase => new Identified('L'.($place->where->core ?? 1), ProvedBy::Continuity),
            CheckKind::Age => Made::parse('2026-01') ?? throw new \LogicException(),
        });
    }

    /** As it is planned, as far as that is known and can be measured. */
    private function length(Task $task): Length
    {
        $window = $task->window ?? Range::atLeast(Length::ofNanometres(0));
        $nominal = $task->possible?->length->nominal;
        $middle = null === $window->min || null === $window->max ? null : $window->min->plus($window->max)->dividedBy(2, Rounding::Nearest);
        $length = null !== $nominal && $window->contains($nominal)
            ? $nominal
            : $middle ?? $window->min ?? $window->max ?? Length::ofNanometres(0);

        return $length->isNegative() ? Length::ofNanometres(0) : $length;
    }

    private static function count(Task $task): int
    {
        preg_match('/\d+/', null === $task->limits ? '4' : (new Reader(LengthUnit::Millimetre))->say($task->limits), $number);

        return (int) ($number[0] ?? 4);
    }

    private static function reading(Length $length): Reading
    {
        return Reading::typed(LengthFormat::exactMillimetres($length), LengthUnit::Millimetre, Instrument::Caliper);
    }

    private function said(Task $task): string
    {
        $read = new Reader(LengthUnit::Millimetre);

        return $read->say($task->title).' '.(null === $task->verdict ? '' : $read->say($task->verdict->sentence))
            .' '.(null === $task->limits ? '' : $read->say($task->limits));
    }

    /** @return list<Cut> */
    public function cuts(): array
    {
        return array_values(
            array_unique(array_map(static fn (Mark $mark): Cut => $mark->place->cut, $this->plan?->markOut?->all() ?? []), \SORT_REGULAR),
        );
    }
}
