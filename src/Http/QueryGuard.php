<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** What stands behind the question mark of an address is text, or nobody can look for it. */
final class QueryGuard
{
    #[AsEventListener(priority: 32)]
    public function onRequest(RequestEvent $event): void
    {
        foreach ($event->getRequest()->query->all() as $key => $value) {
            if (\is_string($value) && (!mb_check_encoding($value, 'UTF-8') || str_contains($value, "\0"))) {
                $event->setResponse(ProblemListener::problem(
                    400, 'not-text', \sprintf('"%s" in the address is no text: type it again.', mb_strimwidth(mb_scrub($key), 0, 40, '…')),
                ));
            }
        }
    }
}
