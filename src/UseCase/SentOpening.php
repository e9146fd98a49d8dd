<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\Fields;

/** That a box was opened for a job, as it is sent. */
final readonly class SentOpening
{
    /** @param list<string> $missing keys of parts and contents that should have been in it */
    public function __construct(public string $job, public array $missing, public SentAs $as)
    {
    }

    public static function read(Fields $body): self
    {
        return new self(SentId::read($body, 'job'), $body->texts('missing', 40), SentAs::read($body));
    }
}
