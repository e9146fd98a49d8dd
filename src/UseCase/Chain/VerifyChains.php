<?php

declare(strict_types=1);

namespace App\UseCase\Chain;

use Berm\Core\Build\Link;

/** Works every hash out anew and holds it against what is kept, against the sheets as they are now, and against the signed lists. */
final readonly class VerifyChains
{
    /** @param list<string> $keys public keys that may have signed, in hexadecimal */
    public function __construct(private ChainLines $lines, private HeadLists $lists, private array $keys)
    {
    }

    /**
     * @param string|null $job   one only; null: all
     * @param string      $noted the line of a list that somebody noted down outside: "17 3f9a…", of the hash 16 signs at least
     */
    public function __invoke(?string $job = null, string $noted = ''): ChainReport
    {
        [$signed, $newest, $faults] = $this->signed($noted);
        if (null !== $job) {
            $signed = array_intersect_key($signed, [$job => true]);
        }
        $heads = $pinned = [];
        $before = null;
        foreach ($this->lines->all($job) as $line) {
            $before = $before?->job === $line->job ? $before : null;
            $fault = self::fault($line, $before) ?? self::against($signed[$line->job] ?? null, $line);
            $faults = null === $fault ? $faults : [...$faults, $fault];
            $heads[$line->job] = new Head($line->job, $line->sequence, $line->hash);
            foreach ('' === $line->sheets ? [] : explode("\n", $line->sheets) as $sheet) {
                $pinned[$sheet] ??= $line->job;
            }
            $before = $line;
        }

        return new ChainReport([...$faults, ...$this->cutOff($signed, $heads), ...$this->changed($pinned)], $heads, $signed, $newest);
    }

    private static function fault(ChainLine $line, ?ChainLine $before): ?ChainFault
    {
        $id = json_decode($line->body, true);
        $is = Link::hash($line->format, $line->job, $line->sequence, $before->hash ?? '', $line->sheets, $line->body);

        return match (true) {
            $line->sequence !== 1 + ($before->sequence ?? 0) => ChainFault::of(
                $line->job, \sprintf('line %d does not follow line %d: lines are missing.', $line->sequence, $before->sequence ?? 0),
            ),
            null !== $before && $line->format < $before->format => ChainFault::of(
                $line->job, \sprintf('line %d is chained in an older way than the one before it.', $line->sequence),
            ),
            $is !== $line->hash => ChainFault::of(
                $line->job, \sprintf('line %d is not what was written there, or not after what was.', $line->sequence),
            ),
            !\is_array($id) || ($id['id'] ?? null) !== $line->id => ChainFault::of(
                $line->job, \sprintf('line %d is kept under another id than its own.', $line->sequence),
            ),
            default => null,
        };
    }

    private static function against(?Head $signed, ChainLine $line): ?ChainFault
    {
        return null !== $signed && $signed->lines === $line->sequence && $signed->hash !== $line->hash ? ChainFault::of(
            $line->job, \sprintf('line %d is not the one that was signed: the log was written anew.', $line->sequence),
        ) : null;
    }

    /**
     * @param array<string, Head> $signed
     * @param array<string, Head> $heads
     *
     * @return list<ChainFault>
     */
    private function cutOff(array $signed, array $heads): array
    {
        $faults = [];
        foreach ($signed as $job => $head) {
            $lines = $heads[$job]->lines ?? 0;
            if ($lines < $head->lines) {
                $faults[] = ChainFault::of(
                    $job, \sprintf('%d lines were signed, and %d are there: the end is cut off.', $head->lines, $lines),
                );
            }
        }

        return $faults;
    }

    /**
     * @param array<string, string> $pinned jobs by lines of kind, id, revision and digest
     *
     * @return list<ChainFault>
     */
    private function changed(array $pinned): array
    {
        $sheets = array_map(static fn (string $line): string => substr($line, 0, -65), array_keys($pinned));
        $now = $this->lines->digests($sheets);
        $faults = [];
        foreach ($pinned as $line => $job) {
            $sheet = substr($line, 0, -65);
            if (($now[$sheet] ?? null) !== substr($line, -64)) {
                $faults[] = ChainFault::of($job, isset($now[$sheet])
                    ? "the sheet \"$sheet\" does not say any more what it said when the job was built to it."
                    : "the sheet \"$sheet\" that the job was built to is gone.");
            }
        }

        return $faults;
    }

    /**
     * @return array{array<string, Head>, HeadList|null, list<ChainFault>} the newest head of each job, the newest list, and what is wrong
     *                                                                     with them
     */
    private function signed(string $noted): array
    {
        $signed = $faults = [];
        $last = null;
        $isNoted = '' === $noted;
        foreach ($this->lists->all() as $list) {
            $number = 1 + ($last->number ?? 0);
            $follows = $list?->number === $number && $list->before === ($last?->hash() ?? '');
            if (!$follows || !$list->isSignedBy($this->keys)) {
                $faults[] = ChainFault::ofLists("List $number of heads is missing, or was changed, or not signed here.");
                break;
            }
            $isNoted = $isNoted || str_starts_with($list->line(), $noted) && \strlen($noted) >= \strlen("$list->number ") + 16;
            foreach ($list->heads as $head) {
                $signed[$head->job] = $head;
            }
            $last = $list;
        }
        if (!$isNoted) {
            $faults[] = ChainFault::ofLists('No list of heads has the line that was noted down: the lists were cut off or written anew.');
        }

        return [$signed, $last, $faults];
    }
}
