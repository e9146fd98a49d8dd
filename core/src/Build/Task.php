<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\Check\Check;
use Berm\Core\Check\CheckPlace;
use Berm\Core\Check\CheckVerdict;
use Berm\Core\Check\Possible;
use Berm\Core\Check\Safeguard;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stage;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Range;
use Berm\Core\Quantity\Verdict;
use Berm\Core\Saying\Sentence;

/** One thing to do and write down in a stage, and whether it is done. */
final readonly class Task
{
    private function __construct(
        public TaskKind $kind,
        public Stage $stage,
        public bool $isDone,
        /** Written down, and out of its limits: put it right, or let an engineer accept it. */
        public bool $isOut,
        public Sentence $title,
        public Where $where,
        public ?Mark $mark = null,
        public ?Item $item = null,
        public ?Check $check = null,
        /** The limits of a length that a check asks for. */
        public ?Range $window = null,
        public ?CheckVerdict $verdict = null,
        /** Of a check, for people; null where it has none. */
        public ?Sentence $limits = null,
        /** Of several bolts, crimps or sheds, from 1. */
        public ?int $number = null,
        /** What a length that is measured can come to. */
        public ?Possible $possible = null,
        public ?WorkPlace $work = null,
        /** When the clock of a wait was started. */
        public ?\DateTimeImmutable $since = null,
    ) {
    }

    public static function park(Stage $stage, Item $item, End $end, bool $isDone): self
    {
        $each = $item->isPerCore ? ' of each core' : '';
        $title = Sentence::of("Park the {part}$each on end {$end->value}", ['part' => lcfirst($item->name)]);

        return new self(TaskKind::Park, $stage, $isDone, false, $title, Where::of($end, null), item: $item);
    }

    public static function cut(Stage $stage, Mark $mark, BuildState $build): self
    {
        $verdict = $build->judgementOf($mark)?->verdict;
        $isOut = Verdict::Out === $verdict && null === $build->acceptance($mark);
        $title = Sentence::plain(
            ($isOut ? 'Put right' : 'Cut')." the [{$mark->place->cut->layer()->label()}]{$mark->place->where()->after()}",
        );

        return new self(TaskKind::Cut, $stage, null !== $verdict && !$isOut, $isOut, $title, $mark->place->where(), mark: $mark);
    }

    public static function work(Stage $stage, WorkPlace $place, KitSheet $sheet, bool $isDone): self
    {
        return new self(
            TaskKind::Work, $stage, $isDone, false, WorkInWords::title($place, $sheet), $place->where,
            item: $sheet->items[$place->part] ?? null, work: $place,
        );
    }

    public static function connector(Stage $stage, string $name, bool $isDone): self
    {
        return new self(TaskKind::Connector, $stage, $isDone, false, Sentence::plain("Fit the $name"), Where::of(null, null));
    }

    public static function check(
        Stage $stage, Check $check, CheckPlace $place, ?Range $window, ?CheckVerdict $verdict, ?Sentence $limits, bool $isAccepted,
        ?Possible $possible = null, ?\DateTimeImmutable $since = null,
    ): self {
        $isOut = Verdict::Out === $verdict?->verdict && !$isAccepted;
        $where = $place->where;
        $title = Sentence::of(
            "{check}{$where->after()}".(null === $place->number ? '' : ", no. $place->number"), ['check' => Sentence::plain($check->ask)],
        );

        return new self(
            TaskKind::Check, $stage, null !== $verdict
                && !$isOut, $isOut, $title, $where, check: $check, window: $window, verdict: $verdict, limits: $limits,
            number: $place->number, possible: $possible, since: $since,
        );
    }

    public static function finish(Stage $stage, bool $isDone): self
    {
        return new self(TaskKind::Finish, $stage, $isDone, false, Sentence::plain($stage->title), Where::of(null, null));
    }

    public static function release(Stage $stage, bool $isDone): self
    {
        $title = Sentence::of('An engineer looks at: {stage}', ['stage' => Sentence::plain($stage->title)]);

        return new self(TaskKind::Release, $stage, $isDone, false, $title, Where::of(null, null));
    }

    /** What is said to somebody who would do another thing before it. */
    public function first(): Sentence
    {
        return Sentence::of(
            $this->isOut ? '{task}: it is out. Put it right, or let an engineer accept it.' : 'First: {task}.', ['task' => $this->title],
        );
    }

    /** The part that it is done with or measured on; empty where there is none. */
    public function part(): string
    {
        return lcfirst($this->item->name ?? '');
    }

    /** Null where it is none. */
    public function safeguard(): ?Safeguard
    {
        return null === $this->check ? null : Safeguard::tryFrom($this->check->key);
    }

    /** At one place, or where one of the two means all of them. */
    public function meets(self $other): bool
    {
        return $this->where->meets($other->where);
    }

    /** Null where it is no check. */
    public function checkPlace(): ?CheckPlace
    {
        return null === $this->check ? null : CheckPlace::of(
            $this->stage->key, $this->check->key, $this->where, $this->number,
        );
    }
}
