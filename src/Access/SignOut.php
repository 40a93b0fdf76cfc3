<?php

declare(strict_types=1);

namespace TinLantern\Access;

use Doctrine\DBAL\Connection;

/**
 * Ends a sign-in at once, wherever its cookie may still be.
 */
final readonly class SignOut
{
    public function __construct(private Connection $connection)
    {
    }

    public function __invoke(string $token): void
    {
        $this->connection->delete('sign_in', ['token_hash' => hash('sha256', $token, true)]);
    }
}
