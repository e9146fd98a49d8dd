<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Person;
use App\UseCase\Crews;
use App\UseCase\NotTheirs;
use Symfony\Component\Uid\Uuid;

/** Only those whom a job is given to write to it. */
final readonly class CrewGuard
{
    public function __construct(private Crews $crews)
    {
    }

    /** @throws NotTheirs */
    public function ensure(string $job, Person $person): void
    {
        // A job that is not there is told by whoever looks for it next.
        if (Uuid::isValid($job) && !$this->crews->has($job, $person->who())) {
            throw NotTheirs::job($this->crews->of($job));
        }
    }
}
