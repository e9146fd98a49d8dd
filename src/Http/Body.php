<?php

declare(strict_types=1);

namespace App\Http;

use App\UseCase\SentId;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Symfony\Component\HttpFoundation\Request;

/** Reads request bodies through the core's own readers. */
final class Body
{
    private const LARGEST = 5_000_000;

    /**
     * @template T
     *
     * @param callable(Fields): T $make
     *
     * @return T
     *
     * @throws BadDocument
     */
    public static function read(Request $request, callable $make): mixed
    {
        if (\strlen($request->getContent()) > self::LARGEST) {
            throw BadDocument::because('', 'is larger than 5 MB: send less.');
        }

        return Fields::readText($request->getContent(), $make);
    }

    /** An id made by the client. */
    public static function id(Fields $body, string $key): string
    {
        return SentId::read($body, $key);
    }
}
