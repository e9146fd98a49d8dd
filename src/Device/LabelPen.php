<?php

declare(strict_types=1);

namespace App\Device;

/** A label reader on a bridge: what is held before it, or the next label of its roll. */
final class LabelPen implements StandIn
{
    private int $pulls = 0;

    public function __construct(private readonly LabelReader $reader)
    {
    }

    public function read(string $before): array
    {
        return [
            'name' => 'Label reader', 'sentBy' => ['serial' => 'L-09'],
            'label' => '' === trim($before) ? $this->reader->read($this->pulls++) : $before,
        ];
    }
}
