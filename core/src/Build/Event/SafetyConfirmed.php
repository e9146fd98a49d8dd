<?php

declare(strict_types=1);

namespace Berm\Core\Build\Event;

use Berm\Core\Build\Basis;
use Berm\Core\Build\Event;
use Berm\Core\Build\EventKind;
use Berm\Core\Build\Names;
use Berm\Core\Build\Progress;
use Berm\Core\File\Fields;
use Berm\Core\File\MomentFile;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** A named person says, from the local permit, that the cable is identified, isolated, proved dead and earthed. Berm never says it. */
final readonly class SafetyConfirmed implements Event
{
    private const CHECKS = ['identified', 'isolated', 'provedDead', 'earthed'];

    public function __construct(
        public string $permit, public string $confirmedBy, public \DateTimeImmutable $confirmedAt,
        /** Of what was left: it was looked at, and is dry and clean as it was left. */
        public bool $isDryAndClean = false,
        /** When the permit ends; null: it has no end, or nobody said. */
        public ?\DateTimeImmutable $endsAt = null,
    ) {
    }

    public static function kind(): EventKind
    {
        return EventKind::SafetyConfirmed;
    }

    public function subject(): array
    {
        return [];
    }

    public static function read(Fields $file): self
    {
        foreach (self::CHECKS as $check) {
            if (!$file->flag($check)) {
                $file->problem($check, 'is not confirmed: do not start. A named person confirms all four from the local permit.');
            }
        }

        $confirmedAt = MomentFile::read($file, 'confirmedAt');
        $endsAt = $file->has('endsAt') ? MomentFile::read($file, 'endsAt') : null;
        if (null !== $endsAt && $endsAt <= $confirmedAt) {
            $file->problem('endsAt', 'lies before it was confirmed: give the end that stands on the permit, with its day.');
        }

        return new self(
            $file->text('permit', 80), $file->text('confirmedBy', 120), $confirmedAt,
            $file->has('dryAndClean') && $file->flag('dryAndClean'), $endsAt,
        );
    }

    public function write(): array
    {
        return [
            'permit' => $this->permit, 'confirmedBy' => $this->confirmedBy, 'confirmedAt' => $this->confirmedAt->format(\DATE_ATOM),
            ...array_fill_keys(self::CHECKS, true),
            ...($this->isDryAndClean ? ['dryAndClean' => true] : []),
            ...(null === $this->endsAt ? [] : ['endsAt' => $this->endsAt->format(\DATE_ATOM)]),
        ];
    }

    public function stage(Progress $progress): ?Stage
    {
        return null;
    }

    public function refusal(Plan $plan): ?Sentence
    {
        $left = $plan->build->left()?->entry->doneAt();

        return match (true) {
            null === $left => null,
            !$this->isDryAndClean => Sentence::plain('It was left half done: look whether it is dry and clean as it was left, and say so.'),
            // A minute is all that a field for times tells.
            $this->confirmedAt < $left->modify('-1 minute') => Sentence::plain(
                'It was left after that: a confirmation from before does not hold any more. Confirm it anew.',
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
        $dry = $this->isDryAndClean ? ', dry and clean as it was left' : '';

        $end = null === $this->endsAt ? '' : ', until {end}';

        return Sentence::of("Safe to start, permit {permit}$end, confirmed by {by}$dry", [
            'permit' => $this->permit, 'by' => $this->confirmedBy,
            ...(null === $this->endsAt ? [] : ['end' => $this->endsAt->format('j M Y, H:i P')]),
        ]);
    }
}
