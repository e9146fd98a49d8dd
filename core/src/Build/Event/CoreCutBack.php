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
use Berm\Core\Rework\OneCore;
use Berm\Core\Rework\Untrue;
use Berm\Core\Saying\Sentence;

/**
 * Something was sawn off one core of several, and the others stay as they are: an engineer's, for the others have to find room for
 * what they are longer.
 */
final readonly class CoreCutBack implements Shortens
{
    public function __construct(public End $end, public int $core, public Reading $by, public string $reason)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::CoreCutBack;
    }

    public function subject(): array
    {
        return [$this->end->value, $this->core];
    }

    public static function read(Fields $file): self
    {
        return new self(
            $file->choice('end', End::class), $file->oneOf('core', [1, 2, 3]),
            Fields::got($file->object('by', ReadingFile::readPositive(...))), $file->text('reason', 600),
        );
    }

    public function write(): array
    {
        return ['end' => $this->end->value, 'core' => $this->core, 'by' => ReadingFile::write($this->by), 'reason' => $this->reason];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function sawnOff(End $end, ?int $core): ?Reading
    {
        return $end === $this->end && $core === $this->core ? $this->by : null;
    }

    public function meets(Where $where): bool
    {
        return $where->meets(Where::of($this->end, $this->core));
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return OneCore::refusal($plan, $this) ?? Aftermath::of($plan, $this)->refusal();
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), falls: Aftermath::of($plan, $this)->falls());
    }

    /** A length of this core from where its conductor ended, or between the two ends: it is another one now. */
    public function fells(Event $event, Plan $plan): bool
    {
        $isOfCore = !$event instanceof CheckMade || null === $event->place->where->core || $event->place->where->core === $this->core;

        return $isOfCore && Untrue::isMeasuredFrom($this->end, $event, $plan);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            "Core $this->core of end {$this->end->value} alone cut back by {by}: {reason}",
            ['by' => $this->by->asTyped(), 'reason' => $this->reason],
        );
    }
}
