<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Nothing is taken any more shortly before the disk is full. A database that cannot write its own log stops, and comes back only with room
 * to do so; one that is left some room goes on by itself as soon as there is more.
 */
final readonly class DiskGuard
{
    private const LEAST_BYTES = 64_000_000;

    /** @param string $folder on the disk that the database lies on */
    public function __construct(private string $folder)
    {
    }

    #[AsEventListener(priority: 20)]
    public function onRequest(RequestEvent $event): void
    {
        if ($event->getRequest()->isMethodSafe() || !$event->isMainRequest() || !is_dir($this->folder)) {
            return;
        }
        $free = disk_free_space($this->folder);
        if (false !== $free && $free < self::LEAST_BYTES) {
            $answer = ProblemListener::problem(503, 'database-full', DatabaseTrouble::Full->told());
            $answer->headers->set('Retry-After', '30');
            $event->setResponse($answer);
        }
    }
}
