<?php

declare(strict_types=1);

namespace App\UseCase\Instruments;

use Berm\Core\File\BadDocument;
use Berm\Core\Instrument\Reported;
use Psr\Clock\ClockInterface;

/** Keeps what an instrument sends until a page of that person takes it. */
final readonly class ReceiveReport
{
    /** Nobody takes a reading of ten minutes ago for the one that they make now. */
    public const KEPT_SECONDS = 600;
    private const MOST = 50;

    public function __construct(private SentReadings $readings, private OpenPages $pages, private ClockInterface $clock)
    {
    }

    /**
     * @param \DateTimeImmutable $sentAt by the clock that the reading has its time from
     *
     * @return int on how many pages a step is open that can take it
     *
     * @throws BadDocument where it cannot have been read then
     */
    public function __invoke(string $id, string $person, Reported $report, \DateTimeImmutable $sentAt): int
    {
        $seconds = $sentAt->getTimestamp() - $report->by->readAt->getTimestamp();
        if ($seconds < 0) {
            throw BadDocument::because('sentBy.readAt', 'lies after it was sent: both are told by one clock.');
        }
        if ($seconds > self::KEPT_SECONDS) {
            throw BadDocument::because('sentBy.readAt', 'is older than ten minutes: read it again.');
        }
        $now = $this->clock->now();
        $this->readings->add(new SentReading($id, $person, $report->write(), $now->modify("-$seconds seconds")));
        $this->readings->forgetBefore($person, $now->modify(\sprintf('-%d seconds', self::KEPT_SECONDS)), self::MOST);

        return $this->pages->count($person, OpenPage::since($now));
    }
}
