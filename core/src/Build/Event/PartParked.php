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

/** A part that cannot be put on later was slid onto an end. */
final readonly class PartParked implements Event
{
    public function __construct(public End $end, public string $part)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::PartParked;
    }

    public function subject(): array
    {
        return [$this->part];
    }

    public static function read(Fields $file): self
    {
        return new self($file->choice('end', End::class), $file->text('part', 40));
    }

    public function write(): array
    {
        return ['end' => $this->end->value, 'part' => $this->part];
    }

    public function stage(Progress $progress): ?Stage
    {
        return $progress->stageParking($this->part);
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $item = $plan->sheet?->items[$this->part] ?? null;
        $ends = implode(' or ', array_map(static fn (End $end): string => $end->value, $item->parkOn ?? []));

        return match (true) {
            null === $item || !$item->isParked() => Sentence::plain('This kit parks no such part.'),
            !\in_array($this->end, $item->parkOn, true) => Sentence::of(
                "The {part} cannot be parked on end {$this->end->value}: the kit allows end $ends.", ['part' => lcfirst($item->name)],
            ),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of("{part} parked on end {$this->end->value}", ['part' => $names->item($this->part)]);
    }
}
