<?php

declare(strict_types=1);

namespace Berm\Core\Build;

/** The box of the kit was opened for this job and checked against its sheet: which one it was, and how long it keeps. */
final readonly class BoxOpened implements Event
{
    /** @param list<string> $missing keys of what was not in it */
    public function __construct(
        /** The stores' own id of the box. */
        public string $box,
        /** The item number on its label. */
        public string $item,
        public string $batch,
        public string $serial,
        public ?\DateTimeImmutable $madeOn,
        /** Null where neither its label nor its sheet tells. */
        public ?\DateTimeImmutable $expiresOn,
        public array $missing,
    ) {
    }
}
