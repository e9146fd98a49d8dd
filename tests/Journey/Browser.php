<?php

declare(strict_types=1);

namespace App\Tests\Journey;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/** One ChromeDriver per run, on a free loopback port; a fresh profile for each window. */
final class Browser
{
    private static ?Process $driver = null;
    private static int $port = 0;

    public static function open(int $width = 1280, int $height = 800, string $scheme = 'light', ?string $profile = null): RemoteWebDriver
    {
        self::start();
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, self::options($width, $height, $profile));
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $web = RemoteWebDriver::create('http://127.0.0.1:'.self::$port, $capabilities, 30_000, 60_000);
        // --window-size is the outer window; a page sees what the device metrics say.
        self::resize($web, $width, $height);
        self::devtools(
            $web,
            'Emulation.setEmulatedMedia',
            ['features' => [
                ['name' => 'prefers-color-scheme', 'value' => $scheme], ['name' => 'prefers-reduced-motion', 'value' => 'reduce'],
            ]],
        );

        return $web;
    }

    public static function resize(RemoteWebDriver $web, int $width, int $height): void
    {
        $metrics = ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false];
        self::devtools($web, 'Emulation.setDeviceMetricsOverride', $metrics);
    }

    /** A folder for a browser's own data: one that is opened with it again has what it had. */
    public static function profile(): string
    {
        return sys_get_temp_dir().'/berm-browser-'.bin2hex(random_bytes(6));
    }

    /**
     * @param array<string, mixed> $parameters
     *
     * @return array<mixed> what it answers
     */
    public static function ask(RemoteWebDriver $web, string $command, array $parameters): array
    {
        $answer = $web->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => (object) $parameters],
        );

        return \is_array($answer) ? $answer : [];
    }

    /** @param array<string, mixed> $parameters */
    public static function devtools(RemoteWebDriver $web, string $command, array $parameters): void
    {
        $web->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => (object) $parameters]);
    }

    private static function options(int $width, int $height, ?string $profile): ChromeOptions
    {
        $options = new ChromeOptions();
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-dev-shm-usage', '--no-first-run',
            '--no-default-browser-check',
            '--disable-background-networking', '--disable-component-update', '--disable-sync', '--disable-default-apps',
            '--disable-domain-reliability', '--disable-client-side-phishing-detection',
            '--disable-features=OptimizationHints,MediaRouter,Translate,AutofillServerCommunication', '--hide-scrollbars',
            '--force-device-scale-factor=1', '--force-color-profile=srgb',
            '--lang=en', "--window-size=$width,$height", '--user-data-dir='.($profile ?? self::profile()),
        ]);
        $options->setExperimentalOption('excludeSwitches', ['enable-automation']);

        return $options;
    }

    private static function start(): void
    {
        if (null !== self::$driver) {
            return;
        }
        self::$port = self::freePort();
        self::$driver = new Process(['/usr/bin/chromedriver', '--port='.self::$port, '--log-level=WARNING']);
        self::$driver->setTimeout(null);
        self::$driver->start();
        register_shutdown_function(static fn () => self::$driver?->stop(2));
        self::$driver->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'started successfully'));
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if (false === $socket) {
            throw new \RuntimeException('no free port');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
