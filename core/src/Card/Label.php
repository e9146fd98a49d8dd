<?php

declare(strict_types=1);

namespace Berm\Core\Card;

use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;

/** What is fixed to the finished accessory, so that who digs it up in thirty years knows what it is. */
final class Label
{
    /** @return list<Sentence> a line each; the first is the largest */
    public static function of(Plan $plan, string $code): array
    {
        $handed = $plan->build->handedOver();
        $box = $plan->build->box()?->event;
        [$sheet, $size] = [$plan->job->sheet, $plan->job->size];
        $isDone = $plan->completion()->isDone();

        return array_values(array_filter([
            Sentence::plain($plan->job->name),
            null === $sheet || null === $size ? null : Sentence::of('{kit}, size {size}', ['kit' => $sheet->name, 'size' => $size->label]),
            null === $box ? Sentence::plain('Kit batch: ____________') : Sentence::of('Kit batch {batch}', ['batch' => $box->batch]),
            null === $handed ? Sentence::plain($isDone ? 'Made ______________' : 'NOT COMPLETE') : Sentence::of('Made {at}', [
                'at' => $handed->entry->doneAt()->format('j M Y'),
            ]),
            Sentence::of('Record {code}', ['code' => $code]),
        ]));
    }
}
