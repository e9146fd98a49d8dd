<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * What every answer tells the browser not to do. The list stands in config/security-headers.txt, which the web server reads for the files
 * that it answers with itself.
 *
 * Radix puts scroll locking into a style element, hence inline styles; scripts come from here only.
 */
final readonly class SecurityHeaders
{
    /** @var array<string, string> */
    private array $headers;

    public function __construct(string $file)
    {
        $headers = [];
        foreach ((array) file($file, \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) as $line) {
            [$name, $value] = explode(': ', (string) $line, 2);
            $headers[$name] = $value;
        }
        $this->headers = $headers;
    }

    #[AsEventListener]
    public function onResponse(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        foreach ($this->headers as $name => $value) {
            $headers->set($name, $value);
        }
        if (str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            $headers->set('Cache-Control', 'no-store');
        }
    }
}
