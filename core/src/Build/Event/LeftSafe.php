<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/**
 * What is half done was covered and left, for the night or for another shift. Whoever goes on confirms anew that it is safe to start, and
 * that it is dry and clean.
 */
final readonly class LeftSafe implements Event
{
    public function __construct(
        /** With what it is covered against water and dirt. */
        public string $covered,
        /** Who goes on with it; empty: the same people. */
        public string $to = '',
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::LeftSafe;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('covered', 200), $file->has('to') ? $file->text('to', 120) : '');
    }

    public function write(): array
    {
        return ['covered' => $this->covered, ...('' === $this->to ? [] : ['to' => $this->to])];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return match (true) {
            null !== $plan->build->left() => Sentence::plain('It is left already: confirm that it is safe to start before work goes on.'),
            null === $plan->build->safety => Sentence::plain('Nothing was begun that could be left.'),
            $plan->completion()->isDone() => Sentence::plain('All is done: hand it over.'),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Left safe, covered with {covered}'.('' === $this->to ? '' : '; {to} goes on with it'), [
            'covered' => $this->covered, ...('' === $this->to ? [] : ['to' => $this->to]),
        ]);
    }
}
