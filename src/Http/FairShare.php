<?php

declare(strict_types=1);

namespace App\Http;

use App\Security\Person;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;

/**
 * No account keeps all workers busy: whoever has three requests that already take longer than a moment waits with the next. Short ones are
 * never counted, however many there are: a page asks several things at once.
 */
final readonly class FairShare
{
    private const MOST = 3;
    private const MOMENT_SECONDS = 0.5;
    /** Longer than any request runs: the place of a worker that was ended is free again after it. */
    private const KEPT_SECONDS = 60;
    private const PLACE = 'berm.busy.';

    public function __construct(private TokenStorageInterface $tokens)
    {
    }

    /** After the firewall (priority 8). */
    #[AsEventListener(priority: 6)]
    public function onRequest(RequestEvent $event): void
    {
        if (!$event->isMainRequest() || !\function_exists('apcu_enabled') || !apcu_enabled()) {
            return;
        }
        $person = $this->tokens->getToken()?->getUser();
        $account = $person instanceof Person ? $person->getUserIdentifier() : 'from '.$event->getRequest()->getClientIp();
        if ($this->longOnes($account) >= self::MOST) {
            $answer = ProblemListener::problem(
                429, 'busy', 'The server is still at work on what you asked before. What you typed is kept; wait a moment.',
            );
            $answer->headers->set('Retry-After', '1');
            $event->setResponse($answer);

            return;
        }
        $place = self::PLACE.getmypid();
        apcu_store($place, [$account, microtime(true)], self::KEPT_SECONDS);
        // However it ends: a browser that types on hangs up on what it asked before.
        register_shutdown_function(static fn (): bool => true === apcu_delete($place));
    }

    private function longOnes(string $account): int
    {
        $count = 0;
        foreach (new \APCUIterator('/^'.preg_quote(self::PLACE, '/').'/', \APC_ITER_VALUE) as $place) {
            $value = \is_array($place) ? $place['value'] ?? null : null;
            [$of, $since] = \is_array($value) ? [...$value, null, null] : [null, null];
            $count += $of === $account && \is_float($since) && microtime(true) - $since > self::MOMENT_SECONDS ? 1 : 0;
        }

        return $count;
    }
}
