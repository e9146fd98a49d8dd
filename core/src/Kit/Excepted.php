<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

/** A rule that a sheet does not keep, and why: one of every accessory, or one of its own in some corner. */
final readonly class Excepted
{
    public function __construct(
        /** Key of the item or of the sheet's own rule that it is about; "always-…" of what every accessory keeps. */
        public string $key,
        /** Null: every rule of that key. */
        public ?RuleKind $kind,
        public string $reason,
    ) {
    }

    public function covers(string $key, RuleKind $kind): bool
    {
        return $this->key === $key && (null === $this->kind || $this->kind === $kind);
    }
}
