<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Formula\Dimension;
use Berm\Core\Formula\Formula;
use Berm\Core\Formula\Vocabulary;

/** Formulas in open files: a text, checked when it is read. @internal */
final readonly class FormulaField
{
    public function __construct(private Vocabulary $vocabulary)
    {
    }

    public function forPlaces(): self
    {
        return new self($this->vocabulary->forPlaces());
    }

    public function length(Fields $file, string $key): Formula
    {
        return $this->read($file, $key, Dimension::Length, '1 mm');
    }

    public function optionalLength(Fields $file, string $key): ?Formula
    {
        return $file->has($key) ? $this->length($file, $key) : null;
    }

    /** Null: always. */
    public function condition(Fields $file): ?Formula
    {
        return $file->has('when') ? $this->read($file, 'when', Dimension::Truth, 'true') : null;
    }

    private function read(Fields $file, string $key, Dimension $wanted, string $standIn): Formula
    {
        $parse = fn (string $text): Formula => Formula::parse($text, $this->vocabulary, $wanted);

        return $file->parsed($key, $parse, $parse($standIn));
    }
}
