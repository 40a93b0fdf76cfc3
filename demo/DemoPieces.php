<?php

declare(strict_types=1);

namespace TinLantern\Demo;

use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\Search\SearchIndex;

/**
 * What makes single pieces of the stock particular: sets to be counted, equipment with serial numbers, messages, new books on their table.
 * And the years through which the titles came.
 */
final readonly class DemoPieces
{
    private const PARTICULARS = [
        "UPDATE item SET serial_number = CONCAT('VI-', LPAD(id, 5, '0')), check_out_message = 'Show how it is switched on.' WHERE location_id = (SELECT id FROM shelving_location WHERE code = 'GEAR')",
        "UPDATE item SET pieces = 4, pieces_note = 'device, case, strap, cable', check_in_message = 'Try it out before it goes back.' WHERE location_id = (SELECT id FROM shelving_location WHERE code = 'GEAR') AND id % 2 = 0",
        "UPDATE item SET material = 'Discs and booklet', pieces = 3, pieces_note = '2 discs, 1 booklet' WHERE location_id = (SELECT id FROM shelving_location WHERE code = 'SOUND') AND id % 5 = 0",
        "UPDATE item SET check_in_message = 'Look for missing parts.' WHERE location_id = (SELECT id FROM shelving_location WHERE code = 'SCORES') AND id % 7 = 0",
        "UPDATE item SET public_note = 'Signed by the author.' WHERE id % 301 = 0",
        "UPDATE item SET vendor = 'Brindle & Wherry Books', fund = 'Friends of the library' WHERE id % 40 = 0",
    ];

    public function __construct(private Connection $connection, private SearchIndex $index, private Derived $derived)
    {
    }

    public function describe(\DateTimeImmutable $today): void
    {
        foreach (self::PARTICULARS as $statement) {
            $this->connection->executeStatement($statement);
        }
        $day = $today->format('Y-m-d');
        $this->connection->executeStatement('UPDATE record SET created_at = ? - INTERVAL (id * 37 % 1095) DAY', [$day]);
        if ('database' === $this->index->name()) {
            $this->connection->executeStatement('UPDATE search_document d JOIN record r ON r.id = d.record_id SET d.added_on = DATE(r.created_at)');
        } else {
            $this->derived->rebuild();
        }
        $this->connection->executeStatement(
            "UPDATE item i JOIN record r ON r.id = i.record_id SET i.temporary_location_id = (SELECT id FROM shelving_location WHERE code = 'NEWS'), i.temporary_until = DATE(r.created_at) + INTERVAL 42 DAY
             WHERE r.created_at > ? - INTERVAL 40 DAY AND i.status = 'available' AND i.location_id = (SELECT id FROM shelving_location WHERE code = 'ADULT')",
            [$day],
        );
    }
}
