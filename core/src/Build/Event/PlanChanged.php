<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Cable\End;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** The plan was changed after work had begun: what is now pinned, in words. */
final readonly class PlanChanged implements Event
{
    /** @param list<End> $ends at which something of the cable is planned otherwise; empty in entries from before it was kept */
    public function __construct(public string $summary, public array $ends = [])
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::PlanChanged;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('summary', 2000), $file->choices('ends', End::class));
    }

    public function write(): array
    {
        $ends = array_map(static fn (End $end): string => $end->value, $this->ends);

        return ['summary' => $this->summary, ...([] === $ends ? [] : ['ends' => $ends])];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return null;
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Plan changed: {summary}', ['summary' => $this->summary]);
    }

    /** Something of the cable there is planned otherwise; null: of either cable. */
    public function tellsOf(?End $end): bool
    {
        return null === $end ? [] !== $this->ends : \in_array($end, $this->ends, true);
    }
}
