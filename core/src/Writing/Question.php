<?php

declare(strict_types=1);

namespace Berm\Core\Writing;

use Berm\Core\Saying\Sentence;

/** Something that a sheet does not say yet, asked and not held against it. */
final readonly class Question
{
    private function __construct(
        /** The field, or the list in which an entry is missing: "items[2].from". */
        public string $path,
        /** Of what: a size, a part, a stage. */
        public Sentence $about,
        public Sentence $ask,
        /** What the skeleton has there, to be put in. */
        public ?Offer $offer,
    ) {
    }

    public static function ofBlank(string $path, Sentence $about, Sentence $ask): self
    {
        return new self($path, $about, $ask, null);
    }

    public static function ofMissing(string $path, Sentence $about, Sentence $ask, ?Offer $offer): self
    {
        return new self($path, $about, $ask, $offer);
    }
}
