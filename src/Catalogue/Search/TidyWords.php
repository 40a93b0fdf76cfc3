<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use Doctrine\DBAL\Connection;
use TinLantern\Platform\Upkeep\Rhythm;
use TinLantern\Platform\Upkeep\UpkeepWork;

/**
 * Words of changed documents leave the database's full-text index only when it is tidied.
 */
final readonly class TidyWords implements UpkeepWork
{
    public function __construct(private Connection $connection)
    {
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::EachNight;
    }

    public function __invoke(\DateTimeImmutable $now): void
    {
        // The setting that limits OPTIMIZE to that work is the server's.
        $this->connection->executeQuery('OPTIMIZE TABLE search_document')->fetchAllAssociative();
    }
}
