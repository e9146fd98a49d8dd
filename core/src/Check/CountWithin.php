<?php

declare(strict_types=1);

namespace Berm\Core\Check;

use Berm\Core\File\Fields;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\BadKitSheet;
use Berm\Core\Saying\Limits;
use Berm\Core\Saying\Sentence;

/** Count them. */
final readonly class CountWithin implements Question
{
    private function __construct(public ?int $least, public ?int $most)
    {
    }

    /** @throws BadKitSheet when the limits are upside down */
    public static function between(?int $least, ?int $most): self
    {
        return null !== $least && null !== $most && $most < $least
            ? throw BadKitSheet::windowUpsideDown((string) $least, (string) $most)
            : new self($least, $most);
    }

    public static function read(Fields $file): self
    {
        $limit = static fn (string $key): ?int => $file->has($key) ? $file->integer($key, 0, 1000) : null;

        return self::between($limit('min'), $limit('max'));
    }

    public function kind(): CheckKind
    {
        return CheckKind::Count;
    }

    public function takes(Answer $answer): bool
    {
        return $answer instanceof Counted;
    }

    public function judge(Answer $answer, Circumstances $circumstances): CheckVerdict
    {
        \assert($answer instanceof Counted);
        $isWithin = $answer->count >= ($this->least ?? 0) && $answer->count <= ($this->most ?? \PHP_INT_MAX);

        return CheckVerdict::of($isWithin, "$answer->count.");
    }

    public function limits(Values $values): ?Sentence
    {
        return $this->rule();
    }

    public function rule(): ?Sentence
    {
        return Limits::fine($this->least, $this->most);
    }

    public function write(): array
    {
        return array_filter(['min' => $this->least, 'max' => $this->most], static fn (?int $limit): bool => null !== $limit);
    }
}
