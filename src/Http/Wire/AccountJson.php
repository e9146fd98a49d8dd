<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\Security\Account;

final class AccountJson
{
    /** @return array<string, mixed> */
    public static function of(Account $account): array
    {
        return [
            'name' => $account->name, 'shownAs' => $account->shownAs, 'role' => $account->role->value, 'version' => $account->version,
            'suspendedAt' => $account->suspendedAt?->format(\DATE_ATOM), 'oneTimeUntil' => $account->oneTimeUntil?->format(\DATE_ATOM),
        ];
    }
}
