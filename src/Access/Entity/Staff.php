<?php

declare(strict_types=1);

namespace TinLantern\Access\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;

/**
 * A member of staff who can sign in.
 */
#[ORM\Entity, ORM\ChangeTrackingPolicy('DEFERRED_EXPLICIT')]
#[ORM\Table(name: 'staff')]
class Staff implements PasswordAuthenticatedUserInterface
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Column]
    private bool $isActive = true;

    #[ORM\Column(length: 255)]
    private string $password = '';

    public function __construct(
        #[ORM\Column(length: 60, unique: true)]
        private string $signInName,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(options: ['unsigned' => true])]
        private int $roleId,
        #[ORM\Column(options: ['unsigned' => true])]
        private int $branchId,
    ) {
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function signInName(): string
    {
        return $this->signInName;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function roleId(): int
    {
        return $this->roleId;
    }

    public function branchId(): int
    {
        return $this->branchId;
    }

    public function isActive(): bool
    {
        return $this->isActive;
    }

    public function leave(): void
    {
        $this->isActive = false;
    }

    public function changePassword(string $hash): void
    {
        $this->password = $hash;
    }

    public function getPassword(): string
    {
        return $this->password;
    }
}
