<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\Kit\BadKitSheet;
use Berm\Core\Quantity\Duration;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** Wait since a stage was done, or go on before too long. Judged by when both were done, not by when they were written down. */
final readonly class WaitSince implements Question
{
    private function __construct(
        /** The key of the stage. */
        public string $after,
        public ?Duration $least,
        public ?Duration $most,
        /** The key of the item that is set in that stage, so that the clock starts then; null: it starts when the stage is finished. */
        public ?string $set,
        /** The key of a check of that stage, so that the clock starts when it was answered: strands brushed, and in within minutes. */
        public ?string $check = null,
    ) {
    }

    /** @throws BadKitSheet when the limits are upside down */
    public static function between(
        string $after, ?Duration $least, ?Duration $most, ?string $set = null, ?string $check = null,
    ): self {
        return null !== $least && null !== $most && $most->seconds < $least->seconds
            ? throw BadKitSheet::windowUpsideDown($least->toText(), $most->toText())
            : new self($after, $least, $most, $set, $check);
    }

    public static function read(Fields $file): self
    {
        $limit = static fn (string $key): ?Duration => $file->has($key) ? $file->parsed(
            $key, Duration::parse(...), Duration::ofSeconds(1),
        ) : null;

        $key = static fn (string $name): ?string => $file->has($name) ? $file->text($name, 40) : null;
        if (null !== $key('set') && null !== $key('check')) {
            $file->problem('check', 'stands beside "set": a clock starts once. Leave one of them out.');
        }

        return self::between($file->text('after', 40), $limit('min'), $limit('max'), $key('set'), $key('check'));
    }

    public function kind(): CheckKind
    {
        return CheckKind::Wait;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Waited;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        $seconds = null === $circumstances->since || null === $circumstances->doneAt
            ? 0
            : $circumstances->doneAt->getTimestamp() - $circumstances->since->getTimestamp();
        $isWithin = $seconds >= ($this->least->seconds ?? 0) && $seconds <= ($this->most->seconds ?? \PHP_INT_MAX);

        return CheckVerdict::of($isWithin, Duration::ofSeconds($seconds)->inWords().'.');
    }

    public function limits(Circumstances $circumstances): ?Sentence
    {
        return $this->rule();
    }

    public function rule(): ?Sentence
    {
        return Limits::fine($this->least?->inWords(), $this->most?->inWords());
    }

    public function formulas(): array
    {
        return [];
    }

    public function write(): array
    {
        $limits = ['min' => $this->least?->toText(), 'max' => $this->most?->toText()];

        return [...array_filter($limits, static fn (?string $limit): bool => null !== $limit), 'after' => $this->after, ...(
            null === $this->set ? [] : ['set' => $this->set]
        ), ...(null === $this->check ? [] : ['check' => $this->check])];
    }
}
