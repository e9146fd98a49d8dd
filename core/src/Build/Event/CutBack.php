<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\Build\Shortens;
use Berm\Core\Cable\End;
use Berm\Core\Cable\Where;
use Berm\Core\File\Fields;
use Berm\Core\File\ReadingFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Quantity\Reading;
use Berm\Core\Rework\Aftermath;
use Berm\Core\Rework\Untrue;
use Berm\Core\Saying\Sentence;

/**
 * Something was sawn off the end of the cable, on all of its cores: what was cut lies that much nearer to the end now, and the end is
 * marked out anew.
 */
final readonly class CutBack implements Shortens
{
    public function __construct(public End $end, public Reading $by, public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::CutBack;
    }

    public function subject(): array
    {
        return [$this->end->value];
    }

    public static function read(Fields $file): self
    {
        return new self(
            $file->choice('end', End::class), Fields::got($file->object('by', ReadingFile::readPositive(...))), $file->text('reason', 400),
        );
    }

    public function write(): array
    {
        return ['end' => $this->end->value, 'by' => ReadingFile::write($this->by), 'reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function sawnOff(End $end, ?int $core): ?Reading
    {
        return $end === $this->end ? $this->by : null;
    }

    public function meets(Where $where): bool
    {
        return $where->meets(Where::of($this->end, null));
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return Aftermath::of($plan, $this)->refusal();
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), falls: Aftermath::of($plan, $this)->falls());
    }

    /** A length from where the conductor ended, or between the two ends: it is another one now. */
    public function fells(Event $event, Plan $plan): bool
    {
        return Untrue::isMeasuredFrom($this->end, $event, $plan);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "End {$this->end->value} cut back by {by} ({reason})", ['by' => $this->by->asTyped(), 'reason' => $this->reason],
        );
    }
}
