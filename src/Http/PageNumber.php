<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\Request;

/** The page of a list that is asked for. */
final class PageNumber
{
    /** Far beyond any list, and small enough to count with. */
    private const LAST = 100_000;

    public static function of(Request $request): int
    {
        return min(self::LAST, max(1, $request->query->getInt('page', 1)));
    }
}
