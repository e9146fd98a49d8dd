<?php

declare(strict_types=1);

namespace Berm\Core\Formula;

/** A condition about lengths that are not exact: what it is nominally, and whether their causes could turn it. @internal */
final readonly class Truth
{
    public function __construct(public bool $isNominally, public bool $canTurn)
    {
    }

    public function not(): self
    {
        return new self(!$this->isNominally, $this->canTurn);
    }

    public function and(self $other): self
    {
        $isSurelyNot = $this->isSurelyNot() || $other->isSurelyNot();

        return new self($this->isNominally && $other->isNominally, !$isSurelyNot && ($this->canTurn || $other->canTurn));
    }

    public function or(self $other): self
    {
        return $this->not()->and($other->not())->not();
    }

    private function isSurelyNot(): bool
    {
        return !$this->isNominally && !$this->canTurn;
    }
}
