<?php

declare(strict_types=1);

namespace App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

/**
 * What is served is read-only, container and all; what workers keep while they run lies in a folder of theirs, which the environment names.
 * Tests keep both in var/cache.
 */
final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function getCacheDir(): string
    {
        return self::workersFolder() ?? $this->getProjectDir().'/var/cache/'.$this->environment;
    }

    public function getBuildDir(): string
    {
        return null === self::workersFolder() ? $this->getCacheDir() : $this->getProjectDir().'/var/build';
    }

    private static function workersFolder(): ?string
    {
        $folder = $_SERVER['BERM_CACHE'] ?? null;

        return \is_string($folder) && '' !== $folder ? $folder : null;
    }
}
