<?php

declare(strict_types=1);

namespace Berm\Core\Coverage;

use Berm\Core\Check\Check;
use Berm\Core\Check\CheckKind;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Stage;
use Berm\Core\Kit\Step;
use Berm\Core\Kit\StepKind;

/** The part of a sheet that sees to a step: a check, a cut, an item, a rule, or a sentence. */
final readonly class Part
{
    private function __construct(
        public Means $means,
        public string $words,
        /** Of what is only said: why no more. */
        public string $reason = '',
    ) {
    }

    /** @throws NotOnSheet when the sheet has no such part */
    public static function of(KitSheet $sheet, string $name): self
    {
        [$kind, $key, $more] = [...explode(' ', $name, 3), '', ''];

        return match ($kind) {
            'sizes' => new self(Means::Computed, 'The ranges of its sizes'),
            'shelf' => new self(Means::Computed, 'Temperatures and age that it keeps'),
            'cable' => new self(Means::Measured, 'The cable itself: measured layer by layer, looked at, drawn to scale'),
            'asked' => new self(Means::Computed, $sheet->asked[$key]->name ?? throw NotOnSheet::part($sheet, $name)),
            'cut' => self::cut($sheet, $name, $key),
            'item' => new self(Means::Computed, self::item($sheet, $name, $key)),
            'rule' => new self(Means::Computed, ucfirst($sheet->placeRules[$key]->reason ?? throw NotOnSheet::part($sheet, $name))),
            'stock' => new self(Means::Asked, $sheet->stock[$key]->name ?? throw NotOnSheet::part($sheet, $name)),
            'check' => self::check($sheet->stage($key)?->check($more) ?? throw NotOnSheet::part($sheet, $name)),
            'connector' => new self(Means::Asked, 'The connector, with its own sheet'),
            'say' => self::said($sheet, $name, $sheet->stage($key), (int) $more),
            default => throw NotOnSheet::part($sheet, $name),
        };
    }

    private static function cut(KitSheet $sheet, string $name, string $key): self
    {
        $rule = $sheet->rules[$key] ?? throw NotOnSheet::part($sheet, $name);

        return new self(Means::Computed, "Cut of the {$rule->cut->layer()->label()}");
    }

    private static function item(KitSheet $sheet, string $name, string $key): string
    {
        $item = $sheet->items[$key] ?? throw NotOnSheet::part($sheet, $name);

        return $item->name.('' === $item->reason ? '' : ': '.lcfirst($item->reason));
    }

    private static function check(Check $check): self
    {
        $isLook = \in_array($check->question->kind(), [CheckKind::Seen, CheckKind::Note, CheckKind::Phase], true);

        return new self($isLook ? Means::Asked : Means::Measured, $check->ask);
    }

    private static function said(KitSheet $sheet, string $name, ?Stage $stage, int $number): self
    {
        $says = array_values(array_filter($stage->steps ?? [], static fn (Step $step): bool => StepKind::Say === $step->kind));
        $step = $says[$number - 1] ?? throw NotOnSheet::part($sheet, $name);

        return new self(Means::Said, $step->text, $step->reason);
    }
}
