<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\File\ToolFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tool\Tool;

/** A press or a wrench is used on this job, as it was recorded on that day. */
final readonly class ToolTaken implements Event
{
    public function __construct(public Tool $tool)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::ToolTaken;
    }

    public function subject(): array
    {
        return [$this->tool->id];
    }

    public static function read(Fields $file): self
    {
        return new self(Fields::got($file->object('tool', ToolFile::read(...))));
    }

    public function write(): array
    {
        return ['tool' => ToolFile::write($this->tool)];
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
        return Sentence::of('Tool: {tool}', ['tool' => $this->tool->inWords()]);
    }
}
