<?php

declare(strict_types=1);

namespace Berm\Core\MarkOut;

use Berm\Core\Cable\End;
use Berm\Core\CoreError;
use Berm\Core\Saying\Sentence;

/** The sheet's rules give no usable marks for this cable and connector. */
final class MarkOutImpossible extends \DomainException implements CoreError
{
    private function __construct(public readonly Sentence $reason)
    {
        parent::__construct($reason->template);
    }

    /** @internal */
    public static function crossing(Mark $outer, Mark $inner): self
    {
        return new self(Sentence::of(
            \sprintf(
                'End %s: the [%s] is cut at {inner}, which does not lie inside the cut of the [%s] at {outer} with both tolerances. This kit and connector do not go together.',
                $outer->place->end->value,
                $inner->place->cut->layer()->label(),
                $outer->place->cut->layer()->label(),
            ),
            ['inner' => $inner->at, 'outer' => $outer->at],
        ));
    }

    /** @internal */
    public static function noRule(End $end, Cut $cut): self
    {
        return new self(Sentence::plain(\sprintf(
            'End %s: the cable has a [%s], and the kit sheet does not say where to cut it.', $end->value, $cut->layer()->label(),
        )));
    }

    /** @internal */
    public static function noCase(End $end, Cut $cut): self
    {
        return new self(Sentence::plain(\sprintf(
            'End %s: the kit sheet has no rule for the cut of the [%s] with this connector.', $end->value, $cut->layer()->label(),
        )));
    }

    /** @internal */
    public static function formula(End $end, Cut $cut, CoreError $why): self
    {
        return new self(Sentence::plain(\sprintf('End %s, cut of the [%s]: %s', $end->value, $cut->layer()->label(), $why->getMessage())));
    }

    /** @internal */
    public static function notPositive(Mark $mark): self
    {
        return new self(Sentence::of(
            \sprintf(
                'End %s: the [%s] would be cut at {at}, which is not on the cable.',
                $mark->place->end->value,
                $mark->place->cut->layer()->label(),
            ),
            ['at' => $mark->at],
        ));
    }
}
