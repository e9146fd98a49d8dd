<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Formula\BadFormula;
use Berm\Core\Formula\Dimension;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Vocabulary;
use Berm\Core\Kit\Asked;
use Berm\Core\Kit\Words\FormulaInWords;

/** Formulas in open files: a text, checked when it is read. @internal */
final readonly class FormulaField
{
    /** @param bool $knowsNames false where the sizes, which give the names of the dimensions, are not written yet */
    public function __construct(private Vocabulary $vocabulary, private bool $knowsNames = true)
    {
    }

    /** @param list<string> $edges of items, as formulas have them */
    public function forPlaces(array $edges): self
    {
        return new self($this->vocabulary->forPlaces($edges), $this->knowsNames);
    }

    public function asking(Asked ...$asked): self
    {
        return new self($this->vocabulary->asking(...$asked), $this->knowsNames);
    }

    public function length(Fields $file, string $key): Formula
    {
        return $this->read($file, $key, Dimension::Length, '1 mm');
    }

    public function optionalLength(Fields $file, string $key): ?Formula
    {
        return $file->has($key) ? $this->length($file, $key) : null;
    }

    /** A whole number, or a formula of one. */
    public function optionalCount(Fields $file, string $key): ?Formula
    {
        return match (true) {
            !$file->has($key) => null,
            $file->isText($key) => $this->read($file, $key, Dimension::Number, '1'),
            default => Formula::parse((string) $file->integer($key, 0, 1000), $this->vocabulary, Dimension::Number),
        };
    }

    /** Null: always. */
    public function condition(Fields $file): ?Formula
    {
        return $file->has('when') ? $this->read($file, 'when', Dimension::Truth, 'true') : null;
    }

    private function read(Fields $file, string $key, Dimension $wanted, string $standIn): Formula
    {
        $instead = Formula::parse($standIn, $this->vocabulary, $wanted);
        $parse = function (string $text) use ($wanted, $instead): Formula {
            try {
                return Formula::parse($text, $this->vocabulary, $wanted);
            } catch (BadFormula $refused) {
                return $refused->isForItsNames && !$this->knowsNames ? $instead : throw $this->withItsMeaning($refused);
            }
        };

        return $file->parsed($key, $parse, $instead);
    }

    /** The nearest name that is known, with what it stands for. */
    private function withItsMeaning(BadFormula $refused): BadFormula
    {
        $isNamed = 1 === preg_match('/Did you mean "(\w+)"\?/', $refused->getMessage(), $nearest);

        return $isNamed ? BadFormula::meant($refused, $nearest[0], $nearest[1], FormulaInWords::meaning($nearest[1])) : $refused;
    }
}
