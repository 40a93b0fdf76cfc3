<?php

declare(strict_types=1);

namespace TinLantern\Access;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Http\AccessToken\AccessTokenHandlerInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use TinLantern\Platform\Actor;

/**
 * Who a sign-in token belongs to: one indexed read a request, nothing written.
 */
final readonly class SignedInStaff implements AccessTokenHandlerInterface
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function getUserBadgeFrom(#[\SensitiveParameter] string $accessToken): UserBadge
    {
        $row = $this->connection->fetchAssociative(
            'SELECT s.id, s.sign_in_name, s.name, r.code AS role, b.id AS branch_id, b.code AS branch_code, b.name AS branch_name, i.desk,
                (SELECT GROUP_CONCAT(p.permission) FROM role_permission p WHERE p.role_id = s.role_id) AS permissions
             FROM sign_in i JOIN staff s ON s.id = i.staff_id JOIN role r ON r.id = s.role_id JOIN branch b ON b.id = i.branch_id
             WHERE i.token_hash = ? AND i.expires_at > ? AND s.is_active = 1',
            [hash('sha256', $accessToken, true), $this->clock->now()->format('Y-m-d H:i:s')],
        );
        if (false === $row) {
            throw new BadCredentialsException();
        }
        /** @var array{id: int, sign_in_name: string, name: string, role: string, branch_id: int, branch_code: string, branch_name: string, desk: string, permissions: string|null} $row */
        $actor = new Actor(
            $row['id'],
            $row['sign_in_name'],
            $row['name'],
            $row['role'],
            null === $row['permissions'] ? [] : explode(',', $row['permissions']),
            $row['branch_id'],
            $row['branch_code'],
            $row['branch_name'],
            $row['desk'],
        );

        return new UserBadge($actor->getUserIdentifier(), static fn (): Actor => $actor);
    }
}
