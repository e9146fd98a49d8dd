<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\CoreError;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Length;

/** A sheet that contradicts itself; the message names the place and the mend. */
final class BadKitSheet extends \DomainException implements CoreError
{
    /** @internal */
    public static function boreGrows(Length $expanded, Length $recovered): self
    {
        return new self(\sprintf('has an expanded bore of %s and a recovered bore of %s: it must shrink, so the recovered bore is the smaller.', $expanded->toText(), $recovered->toText()));
    }

    /** @internal */
    public static function cutMissing(Cut $cut): self
    {
        return new self(\sprintf('has no rule for the cut "%s": every cut needs one.', $cut->value));
    }

    /** @internal */
    public static function cutTwice(Cut $cut): self
    {
        return new self(\sprintf('has two rules for the cut "%s": give its cases in one rule.', $cut->value));
    }

    /** @internal */
    public static function circle(Cut $cut): self
    {
        return new self(\sprintf('works out the cut "%s" from itself, by way of the others: base one of them on the connector or on a fixed dimension.', $cut->value));
    }

    /** @internal */
    public static function noSizes(): self
    {
        return new self('has no sizes: give at least one.');
    }

    /** @internal */
    public static function sizeTwice(string $label): self
    {
        return new self(\sprintf('has the size "%s" twice: give each its own label.', $label));
    }

    /** @internal */
    public static function sizeLacks(string $label, string $what): self
    {
        return new self(\sprintf('size "%s" lacks %s, which the other sizes or the formulas use.', $label, $what));
    }

    /** @internal */
    public static function partTwice(string $key): self
    {
        return new self(\sprintf('has the part "%s" twice: give each its own key.', $key));
    }

    /** @internal */
    public static function parkedOffTheJob(string $key): self
    {
        return new self(\sprintf('parks "%s" on end B, but a termination has end A only.', $key));
    }
}
