<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Call;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** All is done, and somebody takes it over and signs for it by name. What is written after it is not what was signed for. */
final readonly class HandedOver implements Event
{
    public function __construct(/** Who takes it over. */ public string $signedBy)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::HandedOver;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self($file->text('signedBy', 120));
    }

    public function write(): array
    {
        return ['signedBy' => $this->signedBy];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $completion = $plan->completion();

        return match (true) {
            !$completion->isDone() => Sentence::of('It cannot be handed over yet. {why}', ['why' => $completion->sentence()]),
            null !== $plan->build->handedOver() => Sentence::plain('It is handed over already: withdraw that first.'),
            [] !== array_filter($plan->build->calls(), static fn (Call $call): bool => $call->isOpen()) => Sentence::plain(
                'An engineer was called and has not answered yet: wait for the answer, or withdraw the call where it is settled.',
            ),
            default => null,
        };
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins(), $plan->build->lastWork);
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of('Handed over, signed for by {name}', ['name' => $this->signedBy]);
    }
}
