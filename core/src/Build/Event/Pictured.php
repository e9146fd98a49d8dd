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

/** Somebody took a picture of a stage, or of the job as a whole: it is kept by what it is, and cannot be exchanged. */
final readonly class Pictured implements Event
{
    public function __construct(
        /** SHA-256 of the file, in hexadecimal. */
        public string $picture,
        /** What is to be seen on it; empty where nobody said. */
        public string $caption,
        /** Key of the stage; empty: of the job as a whole. */
        public string $stage,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::Pictured;
    }

    public function subject(): array
    {
        return [$this->picture];
    }

    public static function read(Fields $file): self
    {
        $picture = $file->text('picture', 64);
        if (1 !== preg_match('/^[0-9a-f]{64}$/', $picture)) {
            $file->problem('picture', 'is the SHA-256 of the picture: 64 hexadecimal digits.');
        }

        return new self($picture, $file->optionalText('caption', 200), $file->optionalText('stage', 40));
    }

    public function write(): array
    {
        return [
            'picture' => $this->picture, ...('' === $this->caption ? [] : ['caption' => $this->caption]),
            ...('' === $this->stage ? [] : ['stage' => $this->stage]),
        ];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        return $plan->missingStage($this->stage);
    }

    public function basis(Plan $plan): Basis
    {
        return Basis::of($plan->job->pins());
    }

    public function words(Names $names): Sentence
    {
        return Sentence::of(
            'Picture {hash}'.('' === $this->stage ? '' : ', {stage}').('' === $this->caption ? '' : ': {caption}'),
            [
                'hash' => substr($this->picture, 0, 12), ...('' === $this->stage ? [] : ['stage' => $names->stage($this->stage)]),
                ...('' === $this->caption ? [] : ['caption' => $this->caption]),
            ],
        );
    }
}
