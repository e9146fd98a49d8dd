<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\Boxes;
use App\UseCase\BoxNotFound;
use App\UseCase\PlanJob;
use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\Stores\Box;

/** The boxes of the stores as they stood when the job was taken along; which of them is open for it, its log says. */
final readonly class CarriedBoxes implements Boxes
{
    /** @param list<Box> $boxes the first to expire first */
    public function __construct(private array $boxes, private CarriedJob $jobs, private PlanJob $plan, private string $job)
    {
    }

    public function get(string $id): Box
    {
        foreach ($this->boxes as $box) {
            if ($box->id === $id) {
                return $this->now($box);
            }
        }
        throw BoxNotFound::withId($id);
    }

    public function page(?string $kit, ?string $size, int $page, int $perPage): array
    {
        return array_map($this->now(...), \array_slice($this->of($kit, $size), ($page - 1) * $perPage, $perPage));
    }

    public function count(?string $kit, ?string $size): int
    {
        return \count($this->of($kit, $size));
    }

    public function add(Box $box, string $by): void
    {
        throw new \LogicException('a box is put on its shelf where there is a signal');
    }

    /** The log keeps what has changed. */
    public function change(string $id, callable $change): Box
    {
        return $change($this->get($id));
    }

    /** @return list<Box> */
    private function of(?string $kit, ?string $size): array
    {
        return array_values(array_filter(
            $this->boxes, static fn (Box $box): bool => ($kit ?? $box->kit->id) === $box->kit->id && ($size ?? $box->size) === $box->size,
        ));
    }

    private function now(Box $box): Box
    {
        $last = null;
        foreach (($this->plan)($this->jobs->get($this->job))->build->counting as $entry) {
            $last = $entry->event instanceof BoxOpened && $entry->event->box === $box->id ? [$entry, $entry->event] : $last;
        }
        $wasOpen = null !== $box->openedAt && $box->reservedFor === $this->job;

        return null === $last ? ($wasOpen ? $box->closed() : $box) : $box->openedFor($this->job, $last[0]->doneAt(), $last[1]->missing);
    }
}
