<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\Cable\End;
use Berm\Core\Formula\Formula;

/** What a length check measures: from one place to another on an end, or from one on end A to one on end B. */
final readonly class Measure
{
    public function __construct(
        public Formula $from,
        public Formula $to,
        public bool $isAcross,
        /** Of a check that is made once: on which end. */
        public ?End $end = null,
    ) {
    }

    /** @return array<string, string|bool> */
    public function write(): array
    {
        return [
            'from' => $this->from->text, 'to' => $this->to->text, ...($this->isAcross ? ['across' => true] : []),
            ...(null === $this->end ? [] : ['end' => $this->end->value]),
        ];
    }
}
