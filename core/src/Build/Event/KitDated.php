<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\BadDocument;
use Berm\Core\File\DayFile;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** What is printed on a kit whose box was not opened in Berm: its batch, and until when it keeps. */
final readonly class KitDated implements Event
{
    public function __construct(public string $batch, public \DateTimeImmutable $keepsUntil)
    {
    }

    public static function kind(): EventKind
    {
        return EventKind::KitDated;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        $batch = $file->optionalText('batch', 40);

        return new self(
            $batch,
            DayFile::read($file, 'keepsUntil') ?? throw BadDocument::because(
                'keepsUntil', 'is missing: give the day until which the kit keeps.',
            ),
        );
    }

    public function write(): array
    {
        return ['batch' => $this->batch, ...DayFile::write('keepsUntil', $this->keepsUntil)];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return null === $plan->sheet ? Sentence::plain('Choose the kit first.') : null;
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            'The kit keeps until {until}'.('' === $this->batch ? '' : ', batch {batch}'),
            ['until' => $this->keepsUntil->format('j M Y'), 'batch' => $this->batch],
        );
    }
}
