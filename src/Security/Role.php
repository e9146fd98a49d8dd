<?php

declare(strict_types=1);

namespace App\Security;

/** What somebody is on the job, and so what they may do. */
enum Role: string
{
    case Jointer = 'jointer';
    case Engineer = 'engineer';
    case Storekeeper = 'storekeeper';
    case Trainer = 'trainer';
    case Administrator = 'administrator';

    public function may(Permission $permission): bool
    {
        return match ($permission) {
            Permission::Read => true,
            Permission::Plan, Permission::AddCable => self::Jointer === $this || self::Engineer === $this,
            Permission::Build => self::Jointer === $this,
            Permission::KeepStores => self::Storekeeper === $this,
            Permission::TakeBox => self::Storekeeper === $this || self::Jointer === $this || self::Engineer === $this,
            Permission::WriteSheet, Permission::AcceptDeviation => self::Engineer === $this,
            Permission::DiscardDraft => self::Engineer === $this || self::Administrator === $this,
        };
    }

    /** @return list<Permission> */
    public function permissions(): array
    {
        return array_values(array_filter(Permission::cases(), $this->may(...)));
    }
}
