<?php

declare(strict_types=1);

namespace Berm\Core\Stores;

use Berm\Core\Revision;
use Berm\Core\Saying\Sentence;

/** A kit as it stands on the shelf: one box, from one batch. */
final readonly class Box
{
    /** @param list<string> $missing keys of what was not in it when it was opened and checked against its sheet */
    public function __construct(
        public string $id,
        public Revision $kit,
        public string $size,
        public Gtin $gtin,
        public string $batch,
        public string $serial,
        public ?\DateTimeImmutable $madeOn,
        /** Null where neither its label nor its sheet's shelf life tells. */
        public ?\DateTimeImmutable $expiresOn,
        /** Where it stands. */
        public string $place,
        public ?string $reservedFor,
        public ?\DateTimeImmutable $openedAt,
        public array $missing,
    ) {
    }

    /** The date printed, else that of manufacture and the shelf life; null when neither is known. */
    public static function expiry(Label $label, ?int $shelfMonths): ?\DateTimeImmutable
    {
        $known = $label->expiresOn;

        return null !== $known || null === $label->madeOn || null === $shelfMonths
            ? $known
            : self::monthsAfter($label->madeOn, $shelfMonths);
    }

    /** The same day of a later month, or its last day where the month is shorter: 31 August and 18 months is 28 February. */
    private static function monthsAfter(\DateTimeImmutable $day, int $months): \DateTimeImmutable
    {
        $month = (int) $day->format('n') + $months;
        $first = $day->setDate((int) $day->format('Y'), $month, 1);

        return $first->setDate(
            (int) $first->format('Y'), (int) $first->format('n'), min((int) $day->format('j'), (int) $first->format('t')),
        );
    }

    /** The last day belongs to it. */
    public function isExpiredOn(\DateTimeImmutable $day): bool
    {
        return null !== $this->expiresOn && $this->expiresOn->format('Y-m-d') < $day->format('Y-m-d');
    }

    /** Null: it may be taken for the job. Else why not. */
    public function refusal(\DateTimeImmutable $today, string $job): ?Sentence
    {
        return match (true) {
            $this->isExpiredOn($today) => Sentence::of(
                'It expired on {date}: send it back.', ['date' => $this->expiresOn?->format('Y-m-d') ?? ''],
            ),
            null !== $this->openedAt && $this->reservedFor !== $job => Sentence::of(
                'It was opened on {date}: what is left in it is not complete.', ['date' => $this->openedAt->format('Y-m-d')],
            ),
            null !== $this->reservedFor && $this->reservedFor !== $job => Sentence::plain('It is reserved for another job.'),
            [] !== $this->missing => Sentence::plain('Parts of it were missing when it was checked.'),
            default => null,
        };
    }

    public function reservedFor(string $job): self
    {
        return $this->now($job, $this->openedAt, $this->missing);
    }

    /** Null: it may go back to the shelf. Else why not. */
    public function refusalToPutBack(): ?Sentence
    {
        return null === $this->openedAt ? null : Sentence::plain(
            'It is open: what was taken from it is in the work. If it was opened by mistake, withdraw that in the record of its job.',
        );
    }

    public function putBack(): self
    {
        return $this->now(null, $this->openedAt, $this->missing);
    }

    /** It was opened by mistake, and nothing was taken out: it stands on the shelf again. */
    public function closed(): self
    {
        return $this->now(null, null, []);
    }

    /** @param list<string> $missing */
    public function openedFor(string $job, \DateTimeImmutable $at, array $missing): self
    {
        return $this->now($job, $this->openedAt ?? $at, $missing);
    }

    /**
     * The same box, as it stands now: what its label says does not change.
     *
     * @param list<string> $missing
     */
    private function now(?string $job, ?\DateTimeImmutable $openedAt, array $missing): self
    {
        return new self(
            $this->id, $this->kit, $this->size, $this->gtin, $this->batch, $this->serial, $this->madeOn, $this->expiresOn, $this->place,
            $job, $openedAt, $missing,
        );
    }
}
