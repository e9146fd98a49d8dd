<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Kit\RuleKind;
use Berm\Core\Saying\Sentence;

/** A ruling as a sentence. @internal use Ruling::reason() */
final class RulingInWords
{
    public static function of(Ruling $ruling): Sentence
    {
        $where = $ruling->place->where->label();
        $isNamedAfterIt = lcfirst($ruling->rule->reason) === lcfirst($ruling->name);
        $why = '' === $ruling->rule->reason || $isNamedAfterIt ? '' : ' {why}';
        // That nothing is bare is asked of every accessory, and needs no number.
        $asked = RuleKind::NoBare === $ruling->rule->kind && null === $ruling->rule->min ? '' : '; the kit asks for {asked}';

        return Sentence::of(('' === $where ? '{name}' : '{where}: {name}').' '.self::lies($ruling)."$asked.$why", [
            'where' => ucfirst($where),
            // A layer stands in it as a trade word.
            'name' => Sentence::plain(('' === $where ? 'The ' : 'the ').preg_replace('/^the /i', '', lcfirst($ruling->name))),
            'of' => null === $ruling->place->of?->asLayer() ? lcfirst($ruling->ofName) : Sentence::plain("[$ruling->ofName]"),
            'is' => $ruling->value,
            'by' => $ruling->value->absolute(),
            'at' => Sentence::plain($ruling->at),
            'asked' => $ruling->asked(),
            'why' => Sentence::plain($ruling->rule->reason),
        ]);
    }

    private static function lies(Ruling $ruling): string
    {
        $isNegative = $ruling->value->isNegative();
        $at = '' === $ruling->at ? '' : ' {at}';

        return match ($ruling->rule->kind) {
            RuleKind::Laps => $isNegative
                ? 'would stop {by} before the {of}'
                : ($ruling->isShort() ? 'would cover' : 'covers').' {is} of the {of}',
            RuleKind::Covers => $isNegative ? 'would leave {by} of the {of} bare' : 'covers the {of} and {is} more on the shorter side',
            RuleKind::Butts, RuleKind::Gap => 'lies {is} from the {of}',
            RuleKind::ClearOf => $isNegative ? 'would lie on the {of}, {by} of it' : 'keeps {is} clear of the {of}',
            RuleKind::EndsShortOf => $isNegative ? 'would reach {by} past the end of the {of}' : 'ends {is} short of the end of the {of}',
            RuleKind::CentredOn => 'is {is} off the middle of the {of}',
            RuleKind::Distance => 'is {is}',
            RuleKind::NoBare => $isNegative ? "would leave {by} bare$at" : "laps by {is}$at where it is least",
            RuleKind::Passes => $isNegative ? "would not pass$at: {by} too narrow" : "passes with {is} to spare$at",
            RuleKind::Grips => $isNegative ? "would hang loose$at by {by}" : "is tight by {is}$at",
            RuleKind::Wall => "is {is} thick$at",
            RuleKind::Build => "comes to {is}$at",
            RuleKind::Interference => "is stretched by {is}$at",
            RuleKind::Reaches => $isNegative ? 'is {by} too short' : 'reaches with {is} to spare',
            RuleKind::SameOn => 'differs by {is}',
        };
    }
}
