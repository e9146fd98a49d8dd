<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Process;

/** The way from a browser to the server: cut, nothing passes, whichever part of the browser asks; mended, it is at the same address. */
final class Line
{
    private ?Process $forward = null;

    private function __construct(private readonly int $port, private readonly int $to)
    {
        $this->mend();
    }

    public static function toTheServer(): self
    {
        $url = $_SERVER['BERM_URL'] ?? null;
        Assert::assertIsString($url);
        $port = parse_url($url, \PHP_URL_PORT);
        Assert::assertIsInt($port);

        return self::to($port);
    }

    public static function to(int $port): self
    {
        return new self(Browser::freePort(), $port);
    }

    public function url(): string
    {
        return "http://127.0.0.1:$this->port";
    }

    public function cut(): void
    {
        $this->forward?->stop(0, \SIGKILL);
        $this->forward = null;
    }

    public function mend(): void
    {
        $this->forward = new Process([\PHP_BINARY, __DIR__.'/line/forward.php', (string) $this->port, (string) $this->to]);
        $this->forward->setTimeout(null);
        $this->forward->start();
        $this->forward->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'there'));
    }
}
