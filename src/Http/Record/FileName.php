<?php

declare(strict_types=1);

namespace App\Http\Record;

use Symfony\Component\HttpFoundation\HeaderUtils;

/** What a file is called that is taken along: by the name of its job. */
final class FileName
{
    public static function of(string $job, string $ending): string
    {
        $plain = trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $job), '-');

        return HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, ('' === $plain ? 'record' : $plain).$ending);
    }
}
