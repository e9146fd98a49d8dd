<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Kit\RuleKind;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Saying\Sentence;

/**
 * Of what a question is: the size, the part or the stage as its writer calls it.
 *
 * @internal
 *
 * @phpstan-import-type Document from Skeleton
 */
final class About
{
    /**
     * @param Document         $sheet
     * @param list<int|string> $keys
     */
    public static function the(array $sheet, array $keys): Sentence
    {
        $one = Loose::entry($sheet, (string) ($keys[0] ?? ''), $keys[1] ?? 0);
        $number = \is_int($keys[1] ?? null) ? $keys[1] + 1 : 1;

        return match ($keys[0] ?? '') {
            'sizes' => 'stock' === ($keys[2] ?? '') && \is_string($keys[3] ?? null)
                ? Sentence::of('{size}: {part}', [
                    'size' => self::size($one, $number), 'part' => self::lower(self::named($sheet, 'stock', $keys[3]) ?? $keys[3]),
                ])
                : self::size($one, $number),
            'stock' => Sentence::of('{part}, in the box', ['part' => self::text($one, 'name') ?? "Part $number"]),
            'items' => self::ofItem($sheet, $one, $number, $keys),
            'cuts' => self::ofCut($one, self::inner($one, $keys)),
            'placeRules' => Sentence::plain(ucfirst(self::text($one, 'reason') ?? "Rule $number")),
            'stages' => self::ofStage($one, $number, $keys),
            'asked' => Sentence::plain(self::text($one, 'name') ?? "Question $number"),
            'shelf' => Sentence::plain('Keeping'),
            'endB' => Sentence::plain('End B'),
            default => Sentence::plain('The sheet'),
        };
    }

    /** @param array<mixed> $size */
    private static function size(array $size, int $number): Sentence
    {
        return Sentence::of('Size {label}', ['label' => self::text($size, 'label') ?? (string) $number]);
    }

    /**
     * @param Document         $sheet
     * @param array<mixed>     $item
     * @param list<int|string> $keys
     */
    private static function ofItem(array $sheet, array $item, int $number, array $keys): Sentence
    {
        $name = self::text($item, 'name') ?? "Part $number";
        $inner = self::inner($item, $keys);
        $rule = 'rules' === ($keys[2] ?? '') ? RuleKind::tryFrom(self::text($inner, 'rule') ?? '') : null;

        return match (true) {
            null !== $rule => Sentence::of(null === self::text($inner, 'of') ? '{item}: {rule}' : '{item}: {rule} the {of}', [
                'item' => $name, 'rule' => $rule->label(), 'of' => self::of($sheet, self::text($inner, 'of') ?? ''),
            ]),
            'features' === ($keys[2] ?? '') => Sentence::of('{item}: {feature}', [
                'item' => $name, 'feature' => self::lower(self::text($inner, 'name') ?? ''),
            ]),
            default => Sentence::of('{item}', ['item' => $name]),
        };
    }

    /** @param Document $sheet */
    private static function of(array $sheet, string $key): Sentence
    {
        $cut = Cut::tryFrom($key);
        $item = self::named($sheet, 'items', $key);

        return match (true) {
            null !== $cut => Sentence::plain("[{$cut->layer()->label()}]"),
            null !== $item => Sentence::of('{item}', ['item' => self::lower($item)]),
            default => Sentence::plain(str_replace('-', ' ', $key)),
        };
    }

    /**
     * @param array<mixed> $rule
     * @param array<mixed> $case
     */
    private static function ofCut(array $rule, array $case): Sentence
    {
        $cut = Cut::tryFrom(self::text($rule, 'cut') ?? '');
        $words = null === $cut ? 'A cut' : "Cut of the [{$cut->layer()->label()}]";
        $when = self::text($case, 'when');

        return null === $when ? Sentence::plain($words) : Sentence::of("$words, when {when}", ['when' => $when]);
    }

    /**
     * @param array<mixed>     $stage
     * @param list<int|string> $keys
     */
    private static function ofStage(array $stage, int $number, array $keys): Sentence
    {
        $step = self::inner($stage, $keys);
        $check = Loose::object($step, 'check');

        return Sentence::of('{stage}: {what}', [
            'stage' => self::text($stage, 'title') ?? "Stage $number",
            'what' => Sentence::plain(self::lower(self::text($check, 'ask') ?? self::text($step, 'say') ?? 'a step')),
        ]);
    }

    /**
     * @param array<mixed>     $entry
     * @param list<int|string> $keys
     *
     * @return array<mixed> the entry of a list within an entry
     */
    private static function inner(array $entry, array $keys): array
    {
        return Loose::entry($entry, (string) ($keys[2] ?? ''), $keys[3] ?? 0);
    }

    /** @param Document $sheet */
    private static function named(array $sheet, string $list, string $key): ?string
    {
        foreach (Loose::entries($sheet, $list) as $one) {
            if ($key === ($one['key'] ?? null)) {
                return self::text($one, 'name');
            }
        }

        return null;
    }

    /** @param array<mixed> $entry */
    private static function text(array $entry, string $key): ?string
    {
        $text = Loose::text($entry, $key);

        return null === $text ? null : mb_strimwidth($text, 0, 120, Blank::SIGN);
    }

    private static function lower(string $text): string
    {
        return mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
