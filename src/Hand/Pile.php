<?php

declare(strict_types=1);

namespace App\Hand;

use Berm\Core\Cable\Construction;
use Berm\Core\Connector\Connector;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Revision;

/**
 * Sheets that were taken along, each read when it is asked for: most of them never are, and a device is slow.
 *
 * @template T of Construction|KitSheet|Connector
 */
final class Pile
{
    /** @var array<int, T> by place, those that were read */
    private array $read = [];

    /**
     * @param list<Revision>      $names
     * @param list<\Closure(): T> $sheets in the same order
     */
    private function __construct(private readonly array $names, private readonly array $sheets)
    {
    }

    /**
     * @template S of Construction|KitSheet|Connector
     *
     * @param list<S> $sheets
     *
     * @return self<S>
     */
    public static function of(array $sheets): self
    {
        return self::unread(
            array_map(static fn (Construction|KitSheet|Connector $sheet): Revision => $sheet->revision, $sheets),
            array_map(static fn (Construction|KitSheet|Connector $sheet): \Closure => static fn () => $sheet, $sheets),
        );
    }

    /**
     * @template S of Construction|KitSheet|Connector
     *
     * @param list<Revision>      $names
     * @param list<\Closure(): S> $sheets in the same order
     *
     * @return self<S>
     */
    public static function unread(array $names, array $sheets): self
    {
        return new self($names, $sheets);
    }

    /** @return T|null */
    public function find(Revision $revision): Construction|KitSheet|Connector|null
    {
        foreach ($this->names as $place => $name) {
            if ($name->equals($revision)) {
                return $this->at($place);
            }
        }

        return null;
    }

    /** @return list<T> */
    public function all(): array
    {
        return array_map($this->at(...), array_keys($this->sheets));
    }

    /** @return list<T> those of which there is no newer revision here */
    public function newest(): array
    {
        $newest = [];
        foreach ($this->names as $name) {
            $newest[$name->id] = max($newest[$name->id] ?? 0, $name->number);
        }

        return array_values(array_filter(
            $this->all(), static fn (Construction|KitSheet|Connector $one): bool => $newest[$one->revision->id] === $one->revision->number,
        ));
    }

    /** @return T */
    private function at(int $place): Construction|KitSheet|Connector
    {
        return $this->read[$place] ??= ($this->sheets[$place])();
    }
}
