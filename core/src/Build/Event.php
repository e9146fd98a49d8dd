<?php

declare(strict_types=1);

namespace Berm\Core\Build;

use Berm\Core\File\Fields;
use Berm\Core\Job\Plan;
use Berm\Core\Kit\Stage;
use Berm\Core\Saying\Sentence;

/** Something that was done at the cable and written down. Each kind says all of itself here: a class for each EventKind. */
interface Event
{
    public static function kind(): EventKind;

    /**
     * What it is about: a later entry of its kind about the same takes its place.
     *
     * @return list<string|int>
     */
    public function subject(): array;

    /** Reads its own fields from an open file. */
    public static function read(Fields $file): self;

    /** @return array<string, mixed> its own fields in an open file */
    public function write(): array;

    /** The stage of the work that it belongs to; null: it is of the job as a whole. */
    public function stage(Progress $progress): ?Stage;

    /** Why it may not be written down now, apart from what stands in the way of all work; null: it may. */
    public function refusal(Plan $plan): ?Sentence;

    /** What it was judged by when it was written: to be kept in its entry. */
    public function basis(Plan $plan): Basis;

    /** What was done, for people. */
    public function words(Names $names): Sentence;
}
