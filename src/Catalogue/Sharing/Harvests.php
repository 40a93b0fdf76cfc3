<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sharing;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/**
 * When a union catalogue was last told what we hold.
 */
final readonly class Harvests
{
    public function __construct(private Connection $connection, private ClockInterface $clock, private \DateTimeZone $houseZone)
    {
    }

    public function note(): void
    {
        $this->connection->executeStatement("REPLACE INTO house_state (name, value) VALUES ('harvested-at', ?)", [$this->clock->now()->format(\DATE_ATOM)]);
    }

    public function view(): SharingView
    {
        $at = $this->connection->fetchOne("SELECT value FROM house_state WHERE name = 'harvested-at'");
        $harvestedAt = \is_string($at) ? new \DateTimeImmutable($at) : null;
        $since = ($harvestedAt ?? new \DateTimeImmutable('1970-01-01'))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
        $changed = $this->connection->fetchOne('SELECT (SELECT COUNT(*) FROM record WHERE shared_at > :since) + (SELECT COUNT(*) FROM removed_record WHERE removed_at > :since)', ['since' => $since]);

        return new SharingView($harvestedAt?->setTimezone($this->houseZone), is_numeric($changed) ? (int) $changed : 0);
    }
}
