<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\Fields;

/** An id that was made where the thing was made: RFC 9562. */
final class SentId
{
    public static function read(Fields $body, string $key): string
    {
        $id = mb_strtolower($body->text($key, 40));
        if (1 !== preg_match('/\A[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\z/', $id)) {
            $body->problem($key, 'must be a UUID, such as one of version 7.');
        }

        return $id;
    }
}
