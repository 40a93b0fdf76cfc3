<?php

declare(strict_types=1);

namespace TinLantern\Access;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\RateLimiter\RateLimiterFactoryInterface;
use TinLantern\Access\Entity\Staff;
use TinLantern\Platform\Problem\NotFound;
use TinLantern\Platform\Problem\NotSignedIn;
use TinLantern\Platform\Problem\TooManyTries;

/**
 * Opens the house to a member of staff, at a desk of a branch, for one working day.
 */
final readonly class SignIn
{
    public const HOURS = 14;

    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private UserPasswordHasherInterface $hasher,
        private RateLimiterFactoryInterface $signInNameLimiter,
        private RateLimiterFactoryInterface $signInAddressLimiter,
        private ClockInterface $clock,
    ) {
    }

    /** @return string the token that the browser keeps in its cookie; the database keeps only its hash */
    public function __invoke(SignInRequest $request, string $address): string
    {
        $byName = $this->signInNameLimiter->create(mb_strtolower($request->name).'|'.$address);
        if (!$byName->consume()->isAccepted() || !$this->signInAddressLimiter->create($address)->consume()->isAccepted()) {
            throw new TooManyTries();
        }
        $staff = $this->entities->getRepository(Staff::class)->findOneBy(['signInName' => $request->name]);
        if (null === $staff || !$staff->isActive() || !$this->hasher->isPasswordValid($staff, $request->password)) {
            throw new NotSignedIn('This name and password do not go together. Check both and try again.', 'wrong-password');
        }
        $byName->reset();
        $token = bin2hex(random_bytes(32));
        $now = $this->clock->now();
        $this->connection->insert('sign_in', [
            'token_hash' => hash('sha256', $token, true),
            'staff_id' => $staff->id(),
            'branch_id' => $this->branch($request->branch) ?? $staff->branchId(),
            'desk' => $request->desk,
            'signed_in_at' => $now->format('Y-m-d H:i:s'),
            'expires_at' => $now->modify(\sprintf('+%d hours', self::HOURS))->format('Y-m-d H:i:s'),
        ]);

        return $token;
    }

    private function branch(?string $code): ?int
    {
        if (null === $code) {
            return null;
        }
        $id = $this->connection->fetchOne('SELECT id FROM branch WHERE code = ?', [$code]);

        return is_numeric($id) ? (int) $id : throw NotFound::of('branch', $code);
    }
}
