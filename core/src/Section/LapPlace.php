<?php

declare(strict_types=1);

namespace Berm\Core\Section;

use Berm\Core\Cable\Where;
use Berm\Core\Kit\CoverageRule;
use Berm\Core\Place\Keyed;
use Berm\Core\Place\Place;

/** Which part, by which rule, on what, at which end and core. */
final readonly class LapPlace implements Keyed
{
    private function __construct(public string $part, public CoverageRule $rule, public Place $of, public Where $where)
    {
    }

    public static function of(string $part, CoverageRule $rule, Place $of, Where $where): self
    {
        return new self($part, $rule, $of, $where);
    }

    public function path(): array
    {
        return [$this->part, $this->rule->value, $this->of->key, ...$this->where->path()];
    }
}
