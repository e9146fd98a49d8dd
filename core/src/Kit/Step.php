<?php

declare(strict_types=1);

namespace Berm\Core\Kit;

use Berm\Core\Check\Check;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Quantity\Duration;

/** One thing done in a stage, and how long it takes. */
final readonly class Step
{
    private function __construct(
        public StepKind $kind,
        /** Of the item or the stock; empty where there is none. */
        public string $key,
        public ?Cut $cut,
        public ?Check $check,
        public string $text,
        public ?Duration $work,
        /** Before the next step. */
        public ?Duration $wait,
        /** Of what is only said: why nothing more than saying it is of use. */
        public string $reason = '',
    ) {
    }

    public static function ofItem(StepKind $kind, string $key, ?Duration $work = null, ?Duration $wait = null): self
    {
        return new self($kind, $key, null, null, '', $work, $wait);
    }

    public static function cut(Cut $cut, ?Duration $work = null, ?Duration $wait = null): self
    {
        return new self(StepKind::Cut, '', $cut, null, '', $work, $wait);
    }

    public static function connector(?Duration $work = null, ?Duration $wait = null): self
    {
        return new self(StepKind::Connector, '', null, null, '', $work, $wait);
    }

    public static function check(Check $check, ?Duration $work = null, ?Duration $wait = null): self
    {
        return new self(StepKind::Check, '', null, $check, '', $work, $wait);
    }

    public static function say(string $text, ?Duration $work = null, ?Duration $wait = null, string $reason = ''): self
    {
        return new self(StepKind::Say, '', null, null, $text, $work, $wait, $reason);
    }
}
