<?php

declare(strict_types=1);

namespace TinLantern\Platform;

use Symfony\Component\Security\Core\User\UserInterface;
use TinLantern\Platform\Problem\NotPermitted;

/**
 * Who is acting: a member of staff, with what they may do, at a desk of a branch.
 */
final readonly class Actor implements UserInterface
{
    /** @param list<string> $permissions values of {@see Permission} */
    public function __construct(
        public ?int $staffId,
        public string $signInName,
        public string $name,
        public string $role,
        public array $permissions,
        public int $branchId,
        public string $branchCode,
        public string $branchName,
        public string $desk,
    ) {
    }

    public function may(Permission $permission): bool
    {
        return \in_array($permission->value, $this->permissions, true);
    }

    public function orRefuse(Permission $permission): void
    {
        if (!$this->may($permission)) {
            throw new NotPermitted($permission->value);
        }
    }

    public function at(int $branchId, string $branchCode, string $branchName): self
    {
        return new self($this->staffId, $this->signInName, $this->name, $this->role, $this->permissions, $branchId, $branchCode, $branchName, $this->desk);
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return ['ROLE_STAFF'];
    }

    public function eraseCredentials(): void
    {
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->signInName ? 'console' : $this->signInName;
    }
}
