<?php

declare(strict_types=1);

namespace Berm\Core\Connector;

use Berm\Core\Quantity\Torque;

/** The shear bolts of a connector, and the order to shear them in. */
final readonly class Bolts
{
    /** @param list<int> $order bolts counted from the end A or from the palm; empty where the maker does not say */
    private function __construct(
        public int $count,
        public array $order,
        public ?Torque $torque,
        /** The bolts break below the surface: the hollows must be filled. */ public bool $leavesVoids,
    ) {
    }

    /**
     * @param list<int> $order
     *
     * @throws ImpossibleConnector when the order does not name each bolt once
     */
    public static function of(int $count, array $order, ?Torque $torque, bool $leavesVoids): self
    {
        $sorted = $order;
        sort($sorted);

        return [] === $order || $sorted === range(1, $count)
            ? new self($count, $order, $torque, $leavesVoids)
            : throw ImpossibleConnector::order($count);
    }
}
