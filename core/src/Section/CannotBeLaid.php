<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\CoreError;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\Item;
use Berm\Core\Kit\PlaceRule;
use Berm\Core\Quantity\Length;

/** What a sheet says of a place cannot be worked out on this job. */
final class CannotBeLaid extends \DomainException implements CoreError
{
    /** @internal */
    public static function fromWhatIsLeftOut(Formula $formula, string $edge, Item $item): self
    {
        return new self(\sprintf(
            'the formula "%s" lies from "%s", but "%s" (%s) is left out on this job: give the place another edge then, or leave it out under the same "when".',
            $formula->text, $edge, $item->key, $item->name,
        ));
    }

    /** @internal */
    public static function upsideDown(PlaceRule $rule, Length $min, Length $max): self
    {
        return new self(\sprintf(
            'the rule "%s" of "%s" asks for at least %s and at most %s: give the smaller limit first.',
            $rule->kind->value, $rule->key, $min->toText(), $max->toText(),
        ));
    }
}
