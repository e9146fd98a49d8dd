<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Which version somebody changed, from If-Match. */
final class Version
{
    public static function of(Request $request): int
    {
        $tag = trim($request->headers->get('If-Match', ''), ' "');

        return 1 === preg_match('/\A\d{1,9}\z/', $tag) ? (int) $tag : throw new HttpException(
            428, 'Say in If-Match which version you changed, such as "3".',
        );
    }
}
