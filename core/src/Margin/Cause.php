<?php

declare(strict_types=1);

namespace Berm\Core\Margin;

use Berm\Core\Cable\Where;
use Berm\Core\Quantity\Length;
use Berm\Core\Saying\Sentence;

/**
 * One independent reason why a length is not what it is nominally, and by how much at most.
 *
 * Causes of one kind, of one thing and at one place are the same cause: they cancel in a difference.
 */
final readonly class Cause
{
    private function __construct(
        public CauseKind $kind,
        /** Tells one cause from another. */
        public string $id,
        /** The layer, item or part that it belongs to, as it stands in a sentence. */
        public string $of,
        public Where $where,
        /** Never above zero. */
        public Length $least,
        /** Never below zero. */
        public Length $most,
    ) {
    }

    /**
     * @param string $thing what it belongs to: a layer, the key of an item
     * @param string $of    the same as it stands in a sentence
     * @param Length $below by how much less at most, without a sign; as Tolerance has it
     */
    public static function of(CauseKind $kind, string $thing, string $of, Where $where, Length $below, Length $above): self
    {
        $id = json_encode([$kind->value, $thing, ...$where->path()], \JSON_THROW_ON_ERROR);

        return new self($kind, $id, $of, $where, $below->absolute()->negated(), $above->absolute());
    }

    public static function around(CauseKind $kind, string $thing, string $of, Where $where, Length $either): self
    {
        return self::of($kind, $thing, $of, $where, $either, $either);
    }

    public function isNone(): bool
    {
        return 0 === $this->least->nanometres && 0 === $this->most->nanometres;
    }

    /** "placing of the stress tube", "cut of the [insulation screen], end A". */
    public function inWords(): Sentence
    {
        return Sentence::of("{$this->kind->label()} of the {of}{$this->where->after()}", ['of' => Sentence::plain($this->of)]);
    }
}
