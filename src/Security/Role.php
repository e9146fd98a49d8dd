<?php

declare(strict_types=1);

namespace App\Security;

/** What somebody is on the job, and so what they may do: the one table of it. docs/who-may-what.md is written from it. */
enum Role: string
{
    case Jointer = 'jointer';
    case Engineer = 'engineer';
    case Storekeeper = 'storekeeper';
    case Trainer = 'trainer';
    case Administrator = 'administrator';

    public function may(Permission $permission): bool
    {
        return \in_array($this, match ($permission) {
            Permission::Read, Permission::WriteNote => self::cases(),
            Permission::Plan, Permission::AddCable => [self::Jointer, self::Engineer],
            Permission::Build => [self::Jointer],
            Permission::KeepStores => [self::Storekeeper],
            Permission::TakeBox => [self::Storekeeper, self::Jointer, self::Engineer],
            Permission::WriteSheet, Permission::AcceptDeviation => [self::Engineer],
            Permission::DiscardDraft => [self::Engineer, self::Administrator],
            Permission::GiveJob => [self::Jointer, self::Engineer, self::Administrator],
            Permission::GiveEveryJob => [self::Engineer, self::Administrator],
            Permission::ManagePeople => [self::Administrator],
        }, true);
    }

    /** @return list<Permission> */
    public function permissions(): array
    {
        return array_values(array_filter(Permission::cases(), $this->may(...)));
    }
}
