<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Build\Event\BoxOpened;
use Berm\Core\File\BadDocument;
use Berm\Core\Stores\Box;
use Psr\Clock\ClockInterface;

/** Opens a box for a job and checks what is in it against its sheet; the job's log says so. */
final readonly class OpenBox
{
    public function __construct(
        private Boxes $boxes,
        private Jobs $jobs,
        private PinnedSheets $sheets,
        private WriteEntry $writeEntry,
        private ClockInterface $clock,
    ) {
    }

    /**
     * Refuses with BoxRefused when it cannot be taken, and with BadDocument for what it never holds.
     *
     * @throws JobNotFound
     */
    public function __invoke(string $id, SentOpening $opening, Who $by): WrittenEntry
    {
        return $this->jobs->locked($opening->job, function (StoredJob $stored) use ($id, $opening, $by): WrittenEntry {
            // What was sent before has opened it; it may be closed again since.
            $box = $stored->has($opening->as->id) ? $this->boxes->get($id) : $this->boxes->change(
                $id, fn (Box $box): Box => $this->opened($box, $stored->id, $opening->missing),
            );
            $event = new BoxOpened(
                $box->id, $box->gtin->digits, $box->batch, $box->serial, $box->madeOn, $box->expiresOn, $opening->missing,
            );

            return ($this->writeEntry)($stored->id, $opening->as, $event, $by->asProgram());
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
