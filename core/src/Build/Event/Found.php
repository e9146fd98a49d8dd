<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\FoundWhat;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Cable\End;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** What opening the cable showed is otherwise than planned: nothing is built on before it is planned anew, or let stand. */
final readonly class Found implements Event
{
    public function __construct(
        public FoundWhat $what,
        public ?End $end,
        public string $note,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::Found;
    }

    public function subject(): array
    {
        return [$this->what->value, $this->end->value ?? ''];
    }

    public static function read(Fields $file): self
    {
        return new self(
            $file->choice('what', FoundWhat::class), $file->has('end') ? $file->choice('end', End::class) : null, $file->text('note', 600),
        );
    }

    public function write(): array
    {
        return ['what' => $this->what->value, ...(null === $this->end ? [] : ['end' => $this->end->value]), 'note' => $this->note];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $isThere = null === $this->end || \in_array($this->end, $plan->job->function->ends(), true);

        return match (true) {
            null === $plan->build->safety => Sentence::plain('Confirm first that it is safe to start: then open the cable.'),
            !$isThere => Sentence::plain('This accessory has no such end.'),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "Found{$this->where()}: {$this->what->label()}. {note}", ['note' => $this->note],
        );
    }

    private function where(): string
    {
        return null === $this->end ? '' : " at end {$this->end->value}";
    }
}
