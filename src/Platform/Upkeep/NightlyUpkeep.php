<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/**
 * Forgets ended sign-ins and old answers to acts, and tidies the search index.
 */
#[AsMessageHandler(handles: Nightly::class)]
final readonly class NightlyUpkeep
{
    private const DAYS_ANSWERS_ARE_KEPT = 60;

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function __invoke(): void
    {
        $now = $this->clock->now();
        $this->connection->executeStatement('DELETE FROM sign_in WHERE expires_at < ?', [$now->format('Y-m-d H:i:s')]);
        $this->connection->executeStatement('DELETE FROM act WHERE done_at < ?', [$now->modify(\sprintf('-%d days', self::DAYS_ANSWERS_ARE_KEPT))->format('Y-m-d H:i:s')]);
        // Words of changed documents leave the full-text index only now; the setting that limits OPTIMIZE to that work is the server's.
        $this->connection->executeQuery('OPTIMIZE TABLE search_document')->fetchAllAssociative();
    }
}
