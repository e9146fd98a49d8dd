<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;

/** A picture from the work: a JPEG or PNG that can be opened, known by its SHA-256. */
final readonly class Picture
{
    public const MOST_BYTES = 2_000_000;
    private const MOST_PIXELS = 4_096;
    private const TYPES = [\IMAGETYPE_JPEG => 'image/jpeg', \IMAGETYPE_PNG => 'image/png'];

    private function __construct(public string $hash, public string $type, public string $bytes)
    {
    }

    /** @throws BadDocument where it is none, is too large, or is another one than its hash says */
    public static function sent(string $hash, string $bytes): self
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw BadDocument::because('picture', 'is larger than 2 MB: make it smaller.');
        }
        if (!hash_equals($hash, hash('sha256', $bytes))) {
            throw BadDocument::because('hash', 'is not that of the picture: it was damaged on its way. Send it again.');
        }

        return new self($hash, self::type($bytes), $bytes);
    }

    public static function kept(string $hash, string $type, string $bytes): self
    {
        return new self($hash, $type, $bytes);
    }

    private static function type(string $bytes): string
    {
        // What is no picture makes a warning of it.
        $size = @getimagesizefromstring($bytes);
        $type = false === $size ? null : self::TYPES[$size[2]] ?? null;
        if (false === $size || null === $type) {
            throw BadDocument::because('picture', 'is no JPEG and no PNG: send a picture.');
        }
        if ($size[0] > self::MOST_PIXELS || $size[1] > self::MOST_PIXELS || $size[0] < 1 || $size[1] < 1) {
            throw BadDocument::because('picture', \sprintf('is more than %d points wide or high: make it smaller.', self::MOST_PIXELS));
        }
        if (false === @imagecreatefromstring($bytes)) {
            throw BadDocument::because('picture', 'cannot be opened: it was cut off or damaged. Take or send it again.');
        }

        return $type;
    }
}
