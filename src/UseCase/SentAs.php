<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\Fields;
use Berm\Core\File\MomentFile;

/** By which id an entry is sent, so that it is stored once, and what is said of its times. */
final readonly class SentAs
{
    private function __construct(public string $id, public SentTimes $times)
    {
    }

    public static function read(Fields $body): self
    {
        return new self(SentId::read($body, 'id'), new SentTimes(
            MomentFile::optional($body, 'madeAt'), MomentFile::optional($body, 'sentAt'), MomentFile::optional($body, 'doneAt'),
            $body->has('heard') ? $body->integer('heard', 0, 1_000_000) : null,
        ));
    }

    /** Of what is done at once, by this program. */
    public static function now(string $id): self
    {
        return new self($id, new SentTimes(null, null, null));
    }
}
