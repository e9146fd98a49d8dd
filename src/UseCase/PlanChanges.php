<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\Cable\End;

/** What differs between two plans of a job, in words for its log. */
final class PlanChanges
{
    private const WORDS = [
        'cable' => 'cable', 'readings' => 'diameters', 'walls' => 'thickness of the insulation', 'conditions' => 'condition',
        'surface' => 'surface temperature', 'slack' => 'slack',
        'position' => 'position', 'seen' => 'what was seen', 'freeLength' => 'free length', 'kit' => 'kit', 'connector' => 'connector',
        'weather' => 'air', 'place' => 'place', 'mounting' => 'way up', 'outageEnds' => 'end of the outage',
        'unit' => 'unit', 'said' => 'what the kit asks',
    ];

    /** "end A: diameters; kit"; empty when nothing differs. */
    public static function between(PlanDraft $before, PlanDraft $after): string
    {
        return implode('; ', array_map(self::say(...), self::changed($before, $after)));
    }

    /** The accessory stays as it is: what changes can change until it is handed over. */
    public static function areBesideIt(PlanDraft $before, PlanDraft $after): bool
    {
        return [] === array_diff(self::changed($before, $after), ['outageEnds']);
    }

    /** @return list<string> */
    private static function changed(PlanDraft $before, PlanDraft $after): array
    {
        [$one, $other] = [self::flat($before), self::flat($after)];

        return array_values(array_filter(
            array_keys($one + $other), static fn (string $key): bool => ($one[$key] ?? null) !== ($other[$key] ?? null),
        ));
    }

    /** @return list<End> at which something of the cable is planned otherwise */
    public static function ends(PlanDraft $before, PlanDraft $after): array
    {
        $at = static fn (PlanDraft $draft, End $end): array => array_filter(
            self::flat($draft), static fn (string $key): bool => str_starts_with($key, "$end->value/"), \ARRAY_FILTER_USE_KEY,
        );

        return array_values(array_filter(End::cases(), static fn (End $end): bool => $at($before, $end) !== $at($after, $end)));
    }

    private static function say(string $key): string
    {
        [$first, $second] = [...explode('/', $key), ''];

        return '' === $second ? self::WORDS[$first] ?? $first : "end $first: ".(self::WORDS[$second] ?? $second);
    }

    /** @return array<string, string> each part of a plan as text, by "kit" or "A/readings" */
    private static function flat(PlanDraft $draft): array
    {
        $text = static fn (mixed $part): string => json_encode($part, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
        $file = json_decode($text(PlanDraftFile::write($draft)), true, 32, \JSON_THROW_ON_ERROR);
        $flat = [];
        foreach (\is_array($file) ? $file : [] as $key => $part) {
            foreach ('ends' === $key && \is_array($part) ? $part : [] as $end => $fields) {
                foreach (\is_array($fields) ? $fields : [] as $field => $value) {
                    $flat["$end/$field"] = $text($value);
                }
            }
            if ('ends' !== $key) {
                $flat[(string) $key] = $text($part);
            }
        }

        return $flat;
    }
}
