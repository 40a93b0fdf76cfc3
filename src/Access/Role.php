<?php

declare(strict_types=1);

namespace TinLantern\Access;

use TinLantern\Platform\Permission;

/**
 * The roles a house begins with. The permissions of a role are data and can be changed there.
 */
enum Role: string
{
    case Desk = 'desk';
    case Cataloguer = 'cataloguer';
    case Manager = 'manager';
    case Administrator = 'administrator';

    public function title(): string
    {
        return match ($this) {
            self::Desk => 'Desk',
            self::Cataloguer => 'Cataloguer',
            self::Manager => 'Manager',
            self::Administrator => 'Administrator',
        };
    }

    /** @return list<Permission> */
    public function permissions(): array
    {
        return match ($this) {
            self::Desk => [
                Permission::ViewCatalogue, Permission::ViewPatrons, Permission::EditPatrons, Permission::Lend, Permission::Return,
                Permission::Renew, Permission::TakeBackLending, Permission::ViewHouseRules,
            ],
            self::Cataloguer => [
                Permission::ViewCatalogue, Permission::TakeInFiles, Permission::EditRecords, Permission::EditItems, Permission::ViewJournal, Permission::ViewHouseRules,
                Permission::EditHouseRules,
            ],
            self::Manager => array_values(array_filter(Permission::cases(), static fn (Permission $permission): bool => Permission::EditItems !== $permission)),
            self::Administrator => Permission::cases(),
        };
    }
}
