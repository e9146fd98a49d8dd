<?php

declare(strict_types=1);

namespace Berm\Core\Kit\Words;

use Berm\Core\Kit\KitSheet;

/** A rule that one revision has and the other has not, or has otherwise. */
final readonly class Change
{
    public function __construct(public string $key, public string $heading, public ?Rule $before, public ?Rule $after)
    {
    }

    /** @return list<self> in the order of the later sheet, what was taken out last */
    public static function between(KitSheet $before, KitSheet $after): array
    {
        $known = self::byKey(SheetInWords::of($before));
        $changes = [];
        foreach (SheetInWords::of($after) as $rule) {
            $old = $known[$rule->key] ?? null;
            if (null === $old || !$old->saysTheSameAs($rule)) {
                $changes[] = new self($rule->key, $rule->heading, $old, $rule);
            }
            unset($known[$rule->key]);
        }

        return [
            ...$changes,
            ...array_values(array_map(static fn (Rule $gone): self => new self($gone->key, $gone->heading, $gone, null), $known)),
        ];
    }

    /**
     * @param list<Rule> $rules
     *
     * @return array<string, Rule>
     */
    private static function byKey(array $rules): array
    {
        return array_combine(array_map(static fn (Rule $rule): string => $rule->key, $rules), $rules);
    }
}
