<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\Chain;
use Berm\Core\Build\ChainedLine;
use Berm\Core\Build\Entry;
use Berm\Core\Saying\Sentence;

/**
 * The chain of a log beside it in a job file. What a line rests on is said where it changes, and what was hashed where the entry would be
 * written otherwise today.
 */
final class ChainFile
{
    /** @param list<Entry> $log whose chain it is */
    public static function read(Fields $file, array $log): Chain
    {
        $sheets = '';
        $at = 0;
        $lines = $file->list('lines', static function (Fields $line) use ($log, &$sheets, &$at): ChainedLine {
            $sheets = $line->has('sheets') ? implode("\n", $line->texts('sheets', 300)) : $sheets;
            $own = isset($log[$at]) ? self::body($log[$at]) : '';
            ++$at;

            return new ChainedLine(
                $line->text('hash', 64), $line->integer('format', 1, 2), $sheets,
                $line->has('written') ? $line->text('written', 8000) : $own,
            );
        }, 5000);

        return Chain::of($file->text('job', 40), $lines);
    }

    /**
     * @param list<Entry> $log
     *
     * @return array<string, mixed>
     */
    public static function write(Chain $chain, array $log): array
    {
        $lines = [];
        $sheets = '';
        foreach ($chain->lines as $i => $line) {
            $isOwn = isset($log[$i]) && self::body($log[$i]) === $line->body;
            $lines[] = [
                'hash' => $line->hash, 'format' => $line->format,
                ...($sheets === $line->sheets ? [] : ['sheets' => '' === $line->sheets ? [] : explode("\n", $line->sheets)]),
                ...($isOwn ? [] : ['written' => $line->body]),
            ];
            $sheets = $line->sheets;
        }

        return ['job' => $chain->job, 'lines' => $lines];
    }

    /**
     * The first line of the log that is not as it was written; null where all are.
     *
     * @param list<Entry> $log
     */
    public static function firstFault(Chain $chain, array $log): ?Sentence
    {
        $agrees = [];
        foreach ($log as $i => $entry) {
            $agrees[] = isset($chain->lines[$i]) && self::says($chain->lines[$i]->body, $entry);
        }

        return $chain->firstFault($agrees);
    }

    private static function says(string $body, Entry $entry): bool
    {
        $own = self::body($entry);
        if ($body === $own) {
            return true;
        }
        try {
            // Written when entries were written otherwise: it must read the same.
            return self::body(Fields::readText($body, LogFile::readEntry(...))) === $own;
        } catch (BadDocument) {
            return false;
        }
    }

    /** An entry as it is hashed when it is written. */
    public static function body(Entry $entry): string
    {
        return json_encode(LogFile::writeEntry($entry), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }
}
