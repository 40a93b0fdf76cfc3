<?php

declare(strict_types=1);

namespace TinLantern\Access;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use TinLantern\Access\Entity\Staff;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Adds somebody to the staff, with a role and a home branch.
 */
final readonly class AddStaff
{
    public function __construct(
        private Transaction $transaction,
        private Connection $connection,
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $hasher,
    ) {
    }

    public function __invoke(string $signInName, string $name, string $password, Role $role, string $branchCode): int
    {
        return $this->transaction->run(function () use ($signInName, $name, $password, $role, $branchCode): int {
            if (false !== $this->connection->fetchOne('SELECT 1 FROM staff WHERE sign_in_name = ?', [$signInName])) {
                throw new Conflict('sign-in-name-taken', \sprintf('The sign-in name %s is taken. Choose another.', $signInName));
            }
            $branch = $this->connection->fetchOne('SELECT id FROM branch WHERE code = ?', [$branchCode]);
            $staff = new Staff($signInName, $name, $this->roleId($role), is_numeric($branch) ? (int) $branch : throw NotFound::of('branch', $branchCode));
            $staff->changePassword($this->hasher->hashPassword($staff, $password));
            $this->entities->persist($staff);
            $this->entities->flush();

            return $staff->id();
        });
    }

    private function roleId(Role $role): int
    {
        $id = $this->connection->fetchOne('SELECT id FROM role WHERE code = ?', [$role->value]);
        if (is_numeric($id)) {
            return (int) $id;
        }
        $this->connection->insert('role', ['code' => $role->value, 'name' => $role->title()]);
        $id = (int) $this->connection->lastInsertId();
        foreach ($role->permissions() as $permission) {
            $this->connection->insert('role_permission', ['role_id' => $id, 'permission' => $permission->value]);
        }

        return $id;
    }
}
