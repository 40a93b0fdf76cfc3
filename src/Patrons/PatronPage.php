<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Core\Calendar\Day;
use TinLantern\House\HouseLists;
use TinLantern\Platform\Problem\NotFound;

/**
 * Reads one patron as shown.
 */
final readonly class PatronPage
{
    public function __construct(private Connection $connection, private HouseLists $lists, private ClockInterface $clock, private \DateTimeZone $houseZone)
    {
    }

    public function of(int $id): PatronView
    {
        /** @var array{id: int, version: int, card_number: string, family_name: string, given_name: string, birth_date: string|null, email: string|null, phone: string|null, address: string|null, branch_id: int, membership_id: int, expires_on: string, barred_because: string|null, is_card_lost: int, staff_note: string|null}|false $row */
        $row = $this->connection->fetchAssociative('SELECT * FROM patron WHERE id = ?', [$id]);
        if (false === $row) {
            throw NotFound::of('patron', $id);
        }
        $membership = $this->lists->memberships()[$row['membership_id']];
        $expires = Day::of($row['expires_on']);

        return new PatronView(
            $row['id'],
            $row['version'],
            $row['card_number'],
            trim($row['given_name'].' '.$row['family_name']),
            $row['family_name'],
            $row['given_name'],
            null === $row['birth_date'] ? null : Day::of($row['birth_date']),
            $row['email'],
            $row['phone'],
            $row['address'],
            $this->lists->branches()[$row['branch_id']]->code,
            $membership->code,
            $membership->name,
            $expires,
            $expires->isBefore(Day::at($this->clock->now(), $this->houseZone)),
            $row['barred_because'],
            1 === $row['is_card_lost'],
            $row['staff_note'],
        );
    }
}
