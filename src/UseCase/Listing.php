<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\CoreError;

/**
 * One page of what is kept, and what of it cannot be read.
 *
 * @template T
 */
final readonly class Listing
{
    /**
     * @param list<T>             $items
     * @param list<UnreadableRow> $unreadable
     * @param int                 $total      how many there are in all
     */
    private function __construct(public array $items, public array $unreadable, public int $total)
    {
    }

    /**
     * @template R
     * @template I
     *
     * @param iterable<R>         $rows
     * @param callable(R): I      $read
     * @param callable(R): string $id
     *
     * @return self<I>
     */
    public static function read(iterable $rows, int $total, callable $read, callable $id): self
    {
        $items = $unreadable = [];
        foreach ($rows as $row) {
            try {
                $items[] = $read($row);
            } catch (CoreError|\ValueError|\JsonException|SheetNotFound $error) {
                $unreadable[] = UnreadableRow::because($id($row), $error);
            }
        }

        return new self($items, $unreadable, $total);
    }
}
