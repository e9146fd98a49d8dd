<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Saying\Sentence;

/**
 * What a dimension of a sheet is, told by the formulas that use it.
 *
 * @internal
 *
 * @phpstan-import-type Document from Skeleton
 */
final readonly class Uses
{
    /** So many uses tell what it is. */
    private const TOLD = 3;

    /** So many formulas are looked through: a sheet has some hundreds. */
    private const MOST = 1000;

    /**
     * @param Document                                        $sheet
     * @param list<array{non-empty-list<int|string>, string}> $formulas with where each stands
     */
    private function __construct(private array $sheet, private array $formulas)
    {
    }

    /** @param Document $sheet */
    public static function in(array $sheet): self
    {
        $formulas = [];
        foreach (self::formulas($sheet, []) as $formula) {
            $formulas[] = $formula;
            if (self::MOST === \count($formulas)) {
                break;
            }
        }

        return new self($sheet, $formulas);
    }

    public function of(string $name): Sentence
    {
        $uses = [];
        foreach ($this->formulas as [$keys, $formula]) {
            if (str_contains($formula, $name) && 1 === preg_match('/(?<!\w)'.preg_quote($name, '/').'(?!\w)/', $formula)) {
                $uses[] = Sentence::of('{about}, {formula}', ['about' => About::the($this->sheet, $keys), 'formula' => $formula]);
            }
            if (self::TOLD === \count($uses)) {
                break;
            }
        }
        $all = array_shift($uses) ?? Sentence::plain('nothing uses it yet');
        foreach ($uses as $next) {
            $all = Sentence::of('{these}; {next}', ['these' => $all, 'next' => $next]);
        }

        return $all;
    }

    /**
     * @param array<mixed>     $values
     * @param list<int|string> $keys
     *
     * @return \Generator<array{non-empty-list<int|string>, string}>
     */
    private static function formulas(array $values, array $keys): \Generator
    {
        foreach ($values as $key => $value) {
            $here = [...$keys, $key];
            if (\is_array($value) && \count($here) < 12) {
                yield from self::formulas($value, $here);
            } elseif (\is_string($value) && \in_array($here[0], ['cuts', 'items', 'placeRules', 'stages'], true)) {
                yield [$here, $value];
            }
        }
    }
}
