<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\CoreError;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Place\Place;
use Berm\Core\Quantity\Length;

/** A sheet that contradicts itself; the message names the place and the mend. */
final class BadKitSheet extends \DomainException implements CoreError
{
    /** @internal */
    public static function boreGrows(Length $expanded, Length $recovered): self
    {
        return new self(\sprintf(
            'has an expanded bore of %s and a recovered bore of %s: it must shrink, so the recovered bore is the smaller.',
            $expanded->toText(),
            $recovered->toText(),
        ));
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
        return new self(\sprintf(
            'works out the cut "%s" from itself, by way of the others: base one of them on the connector or on a fixed dimension.',
            $cut->value,
        ));
    }

    /**
     * @internal
     *
     * @param list<string> $way from one thing back to itself
     */
    public static function inCircle(array $way): self
    {
        return new self(\sprintf(
            'works out where "%s" lies from itself: %s. Place one of them from the connector, from a cut or by a fixed length.',
            $way[0], implode(' from ', array_map(static fn (string $thing): string => "\"$thing\"", $way)),
        ));
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
    public static function itemTwice(string $key): self
    {
        return new self(\sprintf('has the item "%s" twice: give each its own key.', $key));
    }

    /** @internal */
    public static function offTheJob(string $key): self
    {
        return new self(\sprintf('puts "%s" on end B, but only a joint has one: use end A.', $key));
    }

    /** @internal */
    public static function itemNamedLikeAPlace(string $key): self
    {
        return new self(\sprintf(
            'has the item "%s", but rules know a layer or the connector by that name: give the item another key.', $key,
        ));
    }

    /**
     * @internal
     *
     * @param list<string> $items
     */
    public static function noSuchPlace(string $item, string $of, array $items): self
    {
        return new self(\sprintf(
            'item "%s" has a rule about "%s", which is nothing it could lie to: name a layer (%s), "connector", or another item (%s).',
            $item, mb_strimwidth($of, 0, 40, '…'), implode(', ', Place::layers()), implode(', ', array_diff($items, [$item])),
        ));
    }

    /**
     * @internal
     *
     * @param list<string> $items
     */
    public static function ruleOfNothing(string $rule, string $of, array $items): self
    {
        return new self(\sprintf(
            'placeRules "%s" speaks of "%s", which is no item: name a layer (%s), "connector", or an item (%s).',
            $rule, mb_strimwidth($of, 0, 40, '…'), implode(', ', Place::layers()), implode(', ', $items),
        ));
    }

    /**
     * @internal
     *
     * @param list<string> $rules
     */
    public static function exceptsNothing(string $key, array $rules): self
    {
        return new self(\sprintf(
            'excepted "%s" is no rule of this sheet: name an item, a rule under "placeRules", or one of %s.',
            mb_strimwidth($key, 0, 40, '…'), implode(', ', $rules),
        ));
    }

    /** @internal */
    public static function coversItself(string $part): self
    {
        return new self(\sprintf('item "%s" has a rule about itself: name what it must cover or meet.', $part));
    }

    /** @internal */
    public static function stockTwice(string $key): self
    {
        return new self(\sprintf('has the stock "%s" twice: give each its own key.', $key));
    }

    /** @internal */
    public static function ruleTwice(string $key): self
    {
        return new self(\sprintf('has the rule "%s" twice: give each its own key.', $key));
    }

    /** @internal */
    public static function askedTwice(string $key): self
    {
        return new self(\sprintf('asks for "%s" twice: give each its own key.', $key));
    }

    /**
     * @internal
     *
     * @param list<string> $values
     */
    public static function defaultIsNoChoice(string $key, string $default, array $values): self
    {
        return new self(\sprintf(
            'takes "%s" for "%s" while nobody has said: take one of %s.', mb_strimwidth($default, 0, 40, '…'), $key, implode(', ', $values),
        ));
    }

    /**
     * @internal
     *
     * @param list<string> $stock
     */
    public static function madeOfNothing(string $item, string $of, array $stock): self
    {
        return new self(\sprintf(
            'item "%s" is made of "%s", which is not in the box: name one of %s, or add it to "stock".', $item,
            mb_strimwidth($of, 0, 40, '…'), implode(', ', $stock),
        ));
    }

    /** @internal */
    public static function partOfNothing(string $item, string $of): self
    {
        return new self(\sprintf('item "%s" is part of "%s", which is no item of the sheet.', $item, mb_strimwidth($of, 0, 40, '…')));
    }

    /** @internal */
    public static function stageTwice(string $key): self
    {
        return new self(\sprintf('has the stage "%s" twice: give each its own key.', $key));
    }

    /** @internal */
    public static function noPitch(int $count): self
    {
        return new self(\sprintf('comes %d in a row: give "pitch", from one to the next.', $count));
    }

    /** @internal */
    public static function coldestWarmer(): self
    {
        return new self('has a coldest temperature that is not below its warmest: exchange them.');
    }

    /** @internal */
    public static function windowUpsideDown(string $min, string $max): self
    {
        return new self(\sprintf('has a window from %s down to %s: give the smaller limit first.', $min, $max));
    }

    /** @internal */
    public static function sizesOverlap(string $one, string $other): self
    {
        return new self(\sprintf(
            'sizes "%s" and "%s" would both take some cables: let one range end where the next begins, or set "overlappingSizes" to true if the leaflet has them so.',
            $one,
            $other,
        ));
    }

    /** @internal */
    public static function stageNames(string $stage, string $what, string $key): self
    {
        return new self(\sprintf(
            'stage "%s" names the %s "%s", which the sheet does not have.', $stage, $what, mb_strimwidth($key, 0, 40, '…'),
        ));
    }

    /** @internal */
    public static function waitsFor(string $stage, string $after): self
    {
        return new self(\sprintf(
            'stage "%s" waits for the stage "%s", which does not come before it.', $stage, mb_strimwidth($after, 0, 40, '…'),
        ));
    }

    /** @internal */
    public static function notOnce(string $what, string $key): self
    {
        return new self(\sprintf('stages must have the %s "%s" exactly once.', $what, $key));
    }

    /** @internal */
    public static function parkedForNothing(string $key): self
    {
        return new self(\sprintf(
            'parks "%s", but no stage installs it: name it under "installs" where it comes to its place, or do not park it.', $key,
        ));
    }

    /** @internal */
    public static function parkedTooLate(string $key): self
    {
        return new self(\sprintf('"%s" is parked in no stage up to the connector: it could not be put on any more.', $key));
    }
}
