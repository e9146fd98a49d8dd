<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\File\BadDocument;
use Berm\Core\File\LogFile;
use Berm\Core\Stores\Box;
use Psr\Clock\ClockInterface;

/** Opens a box for a job and checks what is in it against its sheet; the job's log says so. */
final readonly class OpenBox
{
    public function __construct(
        private Boxes $boxes,
        private Jobs $jobs,
        private Sheets $sheets,
        private PlanJob $plan,
        private ClockInterface $clock,
        private EntryIds $ids,
    ) {
    }

    /**
     * @param list<string> $missing keys of parts and contents that should have been in it
     *
     * Refuses with BoxRefused when it cannot be taken, and with BadDocument for what it never holds
     *
     * @throws JobNotFound
     */
    public function __invoke(string $id, string $job, array $missing, string $by): Box
    {
        return $this->jobs->locked($job, function (StoredJob $stored) use ($id, $missing, $by): Box {
            $box = $this->boxes->change($id, fn (Box $box): Box => $this->opened($box, $stored->id, $missing));
            $event = new BoxOpened($box->id, $box->gtin->digits, $box->batch, $box->serial, $box->madeOn, $box->expiresOn, $missing);
            $last = $stored->lastEntry()?->entry->event;
            // Pressed twice, said once.
            if (!$last instanceof BoxOpened || LogFile::writeEvent($last) !== LogFile::writeEvent($event)) {
                $this->jobs->append($stored, ($this->plan)($stored)->entry($this->ids->next(), $by, $this->clock->now(), $event));
            }

            return $box;
        });
    }

    /** @param list<string> $missing */
    private function opened(Box $box, string $job, array $missing): Box
    {
        $sheet = $this->sheets->kit($box->kit);
        foreach ($sheet->notInBox($missing) as $i => $unknown) {
            throw BadDocument::because(
                "missing[$i]", \sprintf('"%s" is nothing that this box should hold.', mb_strimwidth($unknown, 0, 40, '…')),
            );
        }
        $refusal = $box->refusal($this->clock->now(), $job);
        if (null !== $refusal) {
            throw new BoxRefused($refusal);
        }

        return $box->openedFor($job, $this->clock->now(), $missing);
    }
}
