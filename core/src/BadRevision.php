<?php

declare(strict_types=1);

namespace Berm\Core;

final class BadRevision extends \DomainException implements CoreError
{
    /** @internal */
    public static function id(string $id): self
    {
        return new self(\sprintf(
            'the id "%s" may hold lower-case letters, digits, dots and hyphens only, 80 at most.', mb_strimwidth(mb_scrub($id), 0, 40, '…'),
        ));
    }

    /** @internal */
    public static function number(int $number): self
    {
        return new self(\sprintf('the revision is %d: revisions are counted from 1.', $number));
    }
}
