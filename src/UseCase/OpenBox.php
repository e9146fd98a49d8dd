<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Stores\Box;
use Psr\Clock\ClockInterface;

/** Opens a box for a job and checks what is in it against its sheet. */
final readonly class OpenBox
{
    public function __construct(private Boxes $boxes, private Sheets $sheets, private ClockInterface $clock)
    {
    }

    /**
     * @param list<string> $missing keys of parts and contents that should have been in it
     *
     * Refuses with BoxRefused when it cannot be taken, and with BadDocument for what it never holds
     *
     * @throws BoxNotFound
     */
    public function __invoke(string $id, string $job, array $missing): Box
    {
        return $this->boxes->change($id, function (Box $box) use ($job, $missing): Box {
            $sheet = $this->sheets->kit($box->kit);
            foreach (array_diff($missing, array_keys($sheet->parts), array_keys($sheet->contents)) as $i => $unknown) {
                throw BadDocument::because("missing[$i]", \sprintf('"%s" is nothing that this box should hold.', mb_strimwidth($unknown, 0, 40, '…')));
            }
            $refusal = $box->refusal($this->clock->now(), $job);
            if (null !== $refusal) {
                throw new BoxRefused($refusal);
            }

            return $box->openedFor($job, $this->clock->now(), $missing);
        });
    }
}
