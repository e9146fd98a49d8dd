<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Cable\End;
use Berm\Core\MarkOut\Cut;
use Berm\Core\Saying\Sentence;

/** The one thing to do now. */
final readonly class NextStep
{
    private function __construct(public Step $step, public Sentence $title, public ?End $end, public ?Cut $cut, public ?string $part)
    {
    }

    public static function at(Step $step, string $title): self
    {
        return new self($step, Sentence::plain($title), null, null, null);
    }

    public static function cut(End $end, Cut $cut, bool $isOut): self
    {
        $verb = $isOut ? 'Put right' : 'Cut';

        return new self(Step::Build, Sentence::plain("$verb the [{$cut->layer()->label()}], end {$end->value}"), $end, $cut, null);
    }

    public static function park(End $end, string $key, string $name): self
    {
        return new self(Step::Build, Sentence::plain(\sprintf('Park the %s on end %s', lcfirst($name), $end->value)), $end, null, $key);
    }
}
