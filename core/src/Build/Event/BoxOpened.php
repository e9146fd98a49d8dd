<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\DayFile;
use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** The box of the kit was opened for this job and checked against its sheet: which one it was, and how long it keeps. */
final readonly class BoxOpened implements Event
{
    public function __construct(
        /** The stores' own id of the box. */
        public string $box,
        /** The item number on its label. */
        public string $item,
        public string $batch,
        public string $serial,
        public ?\DateTimeImmutable $madeOn,
        /** Null where neither its label nor its sheet tells. */
        public ?\DateTimeImmutable $expiresOn,
        /** @var list<string> keys of what was not in it */
        public array $missing,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::BoxOpened;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        return new self(
            $file->text('box', 40), $file->text('item', 14), $file->optionalText('batch', 40), $file->optionalText('serial', 40),
            DayFile::read($file, 'madeOn'), DayFile::read($file, 'expiresOn'), $file->texts('missing', 40),
        );
    }

    public function write(): array
    {
        return [
            'box' => $this->box, 'item' => $this->item, 'batch' => $this->batch, 'serial' => $this->serial,
            ...DayFile::write('madeOn', $this->madeOn), ...DayFile::write('expiresOn', $this->expiresOn), 'missing' => $this->missing,
        ];
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
        return Sentence::of('Box opened: {box}', ['box' => $this->inWords($names)]);
    }

    /** "item 9506000134352, batch L7, keeps until 3 May 2027, complete". */
    public function inWords(Names $names): string
    {
        $missing = implode(', ', array_map(static fn (string $key): string => lcfirst($names->item($key)), $this->missing));
        $facts = [
            "item $this->item", '' === $this->batch ? '' : "batch $this->batch", '' === $this->serial ? '' : "serial $this->serial",
            null === $this->expiresOn
                ? ''
                : 'keeps until '.$this->expiresOn->format('j M Y'), '' === $missing
                ? 'complete'
                : "missing: $missing",
        ];

        return implode(', ', array_filter($facts, static fn (string $fact): bool => '' !== $fact));
    }
}
