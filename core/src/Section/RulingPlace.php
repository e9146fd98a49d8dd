<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\Where;
use Berm\Core\Kit\RuleKind;
use Berm\Core\Place\Keyed;
use Berm\Core\Place\Place;

/** Which rule, of which item or by which key of the sheet, about what, at which end and core. */
final readonly class RulingPlace implements Keyed
{
    private function __construct(
        /** Key of the item, or of the sheet's own rule. */
        public string $item,
        public RuleKind $rule,
        /** Null where the rule says from where to where. */
        public ?Place $of,
        public Where $where,
    ) {
    }

    public static function of(string $item, RuleKind $rule, ?Place $of, Where $where): self
    {
        return new self($item, $rule, $of, $where);
    }

    /** The same place of an end, whichever core is meant. */
    public function onWhicheverCore(): self
    {
        return new self($this->item, $this->rule, $this->of, Where::of($this->where->end, null));
    }

    public function path(): array
    {
        return [$this->item, $this->rule->value, $this->of->key ?? '', ...$this->where->path()];
    }
}
