<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\DiameterNeed;
use Berm\Core\Fit\Seat;

/** Which diameter a column is about. */
final readonly class Question
{
    private function __construct(public Criterion $criterion, public End $end, public Seat $seat, public LayerKind $layer)
    {
    }

    public static function of(DiameterNeed $need, End $end): self
    {
        return new self($need->criterion, $end, $need->seat, $need->layer);
    }

    public static function bore(End $end): self
    {
        return new self(Criterion::ConnectorBore, $end, Seat::On, LayerKind::Conductor);
    }

    public function key(): string
    {
        return "{$this->end->value} {$this->criterion->value} {$this->layer->value}";
    }
}
