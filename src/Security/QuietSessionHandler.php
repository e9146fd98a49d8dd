<?php

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\HttpFoundation\Session\Storage\Handler\PdoSessionHandler;

/**
 * Sessions in PostgreSQL, without a write for a request that changed nothing: a durable write costs more than most requests.
 *
 * The session's own data carries when it was last used and changes every few minutes (metadata_update_threshold), which keeps it alive.
 */
final class QuietSessionHandler extends PdoSessionHandler
{
    public function updateTimestamp(string $sessionId, string $data): bool
    {
        return true;
    }
}
