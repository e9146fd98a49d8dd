<?php

declare(strict_types=1);

namespace Berm\Core\Place;

/** Something that tells one place on a job from another. */
interface Keyed
{
    /** @return non-empty-list<string|int> alike for places that are the same, and for no others of the same class */
    public function path(): array;
}
