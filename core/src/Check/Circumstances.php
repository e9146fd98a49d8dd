<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Formula\Values;
use Berm\Core\Quantity\Range;

/** Where and when a check was made, as far as its limits ask for it. */
final readonly class Circumstances
{
    public function __construct(
        /** Of the end and core that it was made on. */
        public Values $values,
        /** When it was done; null while it is not. */
        public ?\DateTimeImmutable $doneAt,
        /** When the stage was done that a wait is counted from; null while it is not. */
        public ?\DateTimeImmutable $since,
        /** Of a length that the sheet says from where to where. */
        public ?Possible $possible = null,
        public ?Phases $phases = null,
        /** That the connector asks for at this end; empty where it asks for none. */
        public string $die = '',
        /** Of a length: what it is judged by, worked out once. */
        public ?Range $window = null,
    ) {
    }
}
