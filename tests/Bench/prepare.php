<?php

declare(strict_types=1);

/*
 * Fills the benchmark's database, once for each size: a house, staff, a catalogue taken in from a file as any other, patrons, loans.
 * The take-in is measured beside the bare loop that only splits and decodes the same file.
 */

use Symfony\Component\Yaml\Yaml;
use TinLantern\Access\AddStaff;
use TinLantern\Access\Role;
use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Intake\RecordFile;
use TinLantern\Catalogue\Intake\TakeInFile;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Demo\DemoRecords;
use TinLantern\Demo\Dice;
use TinLantern\Demo\LoadDemoWorld;
use TinLantern\House\HouseDefinition;
use TinLantern\House\SetUpHouse;
use TinLantern\Platform\Cli\ConsoleActor;
use TinLantern\Platform\Kernel;
use TinLantern\Tests\Bench\ManyRecords;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$records = (int) $argv[1];
$kernel = new Kernel('prod', false);
$kernel->boot();
$bench = $kernel->getContainer()->get('tin_lantern.bench');
assert($bench instanceof Symfony\Component\DependencyInjection\ServiceLocator);
$database = $bench->get(Doctrine\DBAL\Connection::class);
if (false !== $database->fetchOne("SELECT 1 FROM house_state WHERE name = 'bench' AND value = 'ready'")) {
    echo "The catalogue of {$records} records is there already; the take-in is not measured again. Remove ".getenv('TL_VAR')." to begin anew.\n";
    exit;
}
$file = getenv('TL_VAR').'/tmp/bench.mrc';
echo "Writing a file of {$records} records ...\n";
LoadDemoWorld::write($file, (new ManyRecords(new DemoRecords(new Dice(7), 2026), new Dice(8)))->make($records));

$bench->get(SetUpHouse::class)(new HouseDefinition((array) Yaml::parseFile(dirname(__DIR__, 2).'/demo/house.yaml')));
$bench->get(AddStaff::class)('bench', 'Bench', LoadDemoWorld::PASSWORD, Role::Administrator, 'LAN');

$begun = hrtime(true);
$decoded = 0;
foreach (RecordFile::open($file)->records() as $record) {
    ++$decoded;
}
$bare = $decoded / ((hrtime(true) - $begun) / 1e9);
$begun = hrtime(true);
$report = $bench->get(TakeInFile::class)(RecordFile::open($file), new IntakeOptions(ItemMapping::holdings(), new IntakeDefaults('LAN', 'ADULT', 'BOOK')), $bench->get(ConsoleActor::class)());
$rate = $report->added / ((hrtime(true) - $begun) / 1e9);
printf("compare and take in, items and search documents included: %s records/s, no more than %d MB; only splitting and decoding: %s records/s; ratio %.1f\n", number_format($rate), memory_get_peak_usage(true) >> 20, number_format($bare), $bare / $rate);
unlink($file);

echo "Adding patrons and loans ...\n";
$patrons = max(100, intdiv($records, 5));
$database->executeStatement("INSERT INTO patron (card_number, family_name, given_name, name_key, given_key, branch_id, membership_id, expires_on, registered_at)
    SELECT CONCAT('B', LPAD(seq, 8, '0')), CONCAT('Family', seq), 'Given', CONCAT('family', seq, ' given'), CONCAT('given family', seq), 1, 1, '2099-12-31', '2020-01-01' FROM seq_1_to_{$patrons}");
foreach ([5, 11] as $step) {
    $database->executeStatement("INSERT INTO loan (item_id, patron_id, branch_id, lent_at, due_at, returned_at)
        SELECT i.id, 1 + (i.id * {$step}) % {$patrons}, 1, '2025-01-01' + INTERVAL (i.id % 300) DAY, '2025-01-22' + INTERVAL (i.id % 300) DAY, '2025-01-15' + INTERVAL (i.id % 300) DAY FROM item i");
}
$database->executeStatement("INSERT INTO loan (item_id, patron_id, branch_id, lent_at, due_at) SELECT id, 1 + id % {$patrons}, 1, NOW(), NOW() + INTERVAL 21 DAY FROM item WHERE id % 10 = 3");
$database->executeStatement("UPDATE item SET status = 'on-loan' WHERE id % 10 = 3");
$database->executeQuery('ANALYZE TABLE record, item, loan, patron, search_document')->fetchAllAssociative();
$database->insert('house_state', ['name' => 'bench', 'value' => 'ready']);
