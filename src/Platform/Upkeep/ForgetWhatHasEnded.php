<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

use Doctrine\DBAL\Connection;

/**
 * Forgets ended sign-ins and old answers to acts.
 */
final readonly class ForgetWhatHasEnded implements UpkeepWork
{
    private const DAYS_ANSWERS_ARE_KEPT = 60;

    public function __construct(private Connection $connection)
    {
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::EachNight;
    }

    public function __invoke(\DateTimeImmutable $now): void
    {
        $this->connection->executeStatement('DELETE FROM sign_in WHERE expires_at < ?', [$now->format('Y-m-d H:i:s')]);
        $this->connection->executeStatement('DELETE FROM act WHERE done_at < ?', [$now->modify(\sprintf('-%d days', self::DAYS_ANSWERS_ARE_KEPT))->format('Y-m-d H:i:s')]);
    }
}
