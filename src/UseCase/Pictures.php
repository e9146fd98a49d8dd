<?php

declare(strict_types=1);

namespace App\UseCase;

interface Pictures extends KeptPictures
{
    /** @throws PictureNotFound */
    public function get(string $job, string $hash): Picture;

    public function count(string $job): int;

    /** The same one twice is kept once. */
    public function add(string $job, Picture $picture, string $by, \DateTimeImmutable $at): void;
}
