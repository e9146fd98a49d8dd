<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Formula\Formula;

/** Something to look at or to measure before a stage is finished. */
final readonly class Check
{
    private function __construct(
        public string $key,
        /** What to look at or measure; words in brackets are said in the reader's own vocabulary. */
        public string $ask,
        public CheckKind $kind,
        public Each $each,
        /** Null: always. */
        public ?Formula $when,
        /** The limits of a length. */
        public ?Formula $min,
        public ?Formula $max,
        /** The limits of a count, of a torque in N·m, or of a wait in seconds. */
        public ?float $least,
        public ?float $most,
        /** The stage that a wait is counted from. */
        public ?string $after,
        public string $reason,
        /** What to do when it is out. */
        public string $mend,
    ) {
    }

    public static function seen(string $key, string $ask, Each $each, ?Formula $when, string $reason, string $mend): self
    {
        return new self($key, $ask, CheckKind::Seen, $each, $when, null, null, null, null, null, $reason, $mend);
    }

    public static function note(string $key, string $ask, Each $each, ?Formula $when, string $reason, string $mend): self
    {
        return new self($key, $ask, CheckKind::Note, $each, $when, null, null, null, null, null, $reason, $mend);
    }

    /** @throws BadKitSheet when both limits are fixed and upside down */
    public static function length(string $key, string $ask, Each $each, ?Formula $when, ?Formula $min, ?Formula $max, string $reason, string $mend): self
    {
        if (true === $min?->isConstant() && true === $max?->isConstant() && $max->constant()->isLessThan($min->constant())) {
            throw BadKitSheet::windowUpsideDown($min->text, $max->text);
        }

        return new self($key, $ask, CheckKind::Length, $each, $when, $min, $max, null, null, null, $reason, $mend);
    }

    /** @throws BadKitSheet when the limits are upside down */
    public static function number(string $key, string $ask, CheckKind $kind, Each $each, ?Formula $when, ?float $least, ?float $most, ?string $after, string $reason, string $mend): self
    {
        if (null !== $least && null !== $most && $most < $least) {
            throw BadKitSheet::windowUpsideDown((string) $least, (string) $most);
        }

        return new self($key, $ask, $kind, $each, $when, null, null, $least, $most, $after, $reason, $mend);
    }
}
