<?php

declare(strict_types=1);

namespace App\Tests\Http;

/** The words of a PDF, line by line, as they stand in its pages' streams: enough for what our own records write. */
final class PdfText
{
    /** @return list<string> */
    public static function lines(string $pdf): array
    {
        // Packed bytes may end with a carriage return: it is theirs.
        preg_match_all('/stream\r?\n(.*?)\nendstream/s', $pdf, $streams);
        $lines = [];
        foreach ($streams[1] as $stream) {
            $page = @gzuncompress($stream);
            if (false === $page || !str_contains($page, ' Tf')) {
                continue;
            }
            preg_match_all('/\(((?:\\\\.|[^\\\\()])*)\)/s', $page, $texts);
            foreach ($texts[1] as $text) {
                $lines[] = trim(mb_convert_encoding(stripcslashes($text), 'UTF-8', 'UTF-16BE'));
            }
        }

        return $lines;
    }
}
