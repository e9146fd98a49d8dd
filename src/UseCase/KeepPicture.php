<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Psr\Clock\ClockInterface;

/** Keeps a picture of a job, so that an entry can say what it shows. */
final readonly class KeepPicture
{
    private const MOST_OF_A_JOB = 200;

    public function __construct(private Pictures $pictures, private JobStamps $jobs, private ClockInterface $clock)
    {
    }

    /**
     * @throws JobNotFound
     * @throws BadDocument
     */
    public function __invoke(string $job, string $hash, string $bytes, string $by): void
    {
        $this->jobs->of($job);
        if ($this->pictures->has($job, $hash)) {
            return;
        }
        if ($this->pictures->count($job) >= self::MOST_OF_A_JOB) {
            throw BadDocument::because('picture', \sprintf('is one too many: a job has at most %d.', self::MOST_OF_A_JOB));
        }
        $this->pictures->add($job, Picture::sent($hash, $bytes), $by, $this->clock->now());
    }
}
