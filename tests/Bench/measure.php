<?php

declare(strict_types=1);

/*
 * Measures the running application beside its two floors and prints one table.
 */

use TinLantern\Demo\Dice;
use TinLantern\Tests\Bench\Load;
use TinLantern\Tests\Bench\ManyRecords;
use TinLantern\Tests\Browser\LiveHouse;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$house = new LiveHouse();
$cookie = $house->signIn('bench', 'Bench');
$load = new Load($house->address, $cookie);
mt_srand(42);
$records = (int) $argv[1];
$patrons = max(100, intdiv($records, 5));
/** @param Closure(int): array{string, array<string, mixed>|null} $make */
$some = static fn (int $count, Closure $make): array => array_map($make, range(1, $count));
// What readers type: words as they are spread in the titles, the common ones more often; and those of the few that stand everywhere.
$dice = new Dice(9);
$typed = static fn (): string => ManyRecords::word(ManyRecords::rank($dice) + 20);
$everywhere = ['lantern', 'keeper', 'harbour', 'island', 'tides', 'ferry'];

$barcodes = [];
$rows = $house->query("SELECT i.barcode FROM item i JOIN lending_class c ON c.id = i.lending_class_id WHERE i.status = 'available' AND i.branch_id = 1 AND c.code = 'BOOK' ORDER BY i.id LIMIT 1600 OFFSET 50");
foreach ($rows as $row) {
    $barcodes[] = is_array($row) ? $row['barcode'] : '';
}
$free = [];
foreach ($house->query('SELECT p.id FROM patron p LEFT JOIN loan l ON l.open_patron_id = p.id WHERE l.id IS NULL OR p.id % 5 = 1 GROUP BY p.id HAVING COUNT(l.id) < 12 LIMIT 400') as $row) {
    $free[] = is_array($row) ? (int) $row['id'] : 0;
}
$lend = static fn (int $from): Closure => static fn (int $n): array => ['/api/scans', ['id' => LiveHouse::uuid(), 'code' => $barcodes[$from + $n - 1], 'lane' => 'lend', 'patron' => $free[($from + $n) % count($free)]]];
$return = static fn (int $from): Closure => static fn (int $n): array => ['/api/scans', ['id' => LiveHouse::uuid(), 'code' => $barcodes[$from + $n - 1], 'lane' => 'return']];
$floorRead = static fn (): array => ['/floor?id='.mt_rand(1, $records), null];
$me = static fn (): array => ['/api/me', null];

$load->measure($some(60, $me), 4);
$load->measure($some(60, $floorRead), 4);
$jobs = [
    'floor: bare PHP-FPM, one indexed read' => [400, $floorRead],
    'floor: the framework, signed in' => [400, $me],
    'scan to lend' => [300, $lend],
    'scan to return' => [300, $return],
    'search, two words of a title, with facets' => [200, static fn (): array => ['/api/records?q='.$typed().'+'.$typed(), null]],
    'search, one word, with facets' => [200, static fn (): array => ['/api/records?q='.$typed(), null]],
    'search, a word and a very common one' => [200, static fn (): array => ['/api/records?q='.$typed().'+'.$everywhere[mt_rand(0, 5)], null]],
    'search, a very common word' => [100, static fn (): array => ['/api/records?q='.$everywhere[mt_rand(0, 5)], null]],
    'search, two words one after the other' => [100, static fn (): array => ['/api/records?q=%22lantern+'.$typed().'%22', null]],
    'search, the beginning of a word' => [100, static fn (): array => ['/api/records?q='.substr($typed(), 0, 5).'*', null]],
    'search, a word typed wrongly' => [60, static fn (): array => ['/api/records?q='.substr_replace($typed().'sol', 'x', 3, 1), null]],
    'everything, with facets' => [40, static fn (): array => ['/api/records', null]],
    'record page' => [300, static fn (): array => ['/api/records/'.mt_rand(1, $records), null]],
    'items of a record' => [300, static fn (): array => ['/api/records/'.mt_rand(1, $records).'/items', null]],
    'patron page' => [300, static fn (): array => ['/api/patrons/'.mt_rand(1, $patrons), null]],
    'loans of a patron' => [300, static fn (): array => ['/api/patrons/'.mt_rand(1, $patrons).'/loans', null]],
    'patrons by name' => [200, static fn (): array => ['/api/patrons?q=family'.mt_rand(1, $patrons), null]],
];
printf("%s records, %s items, %s patrons, %s loans\n", ...array_map(static fn (string $table): string => number_format((float) $house->one("SELECT COUNT(*) FROM {$table}")), ['record', 'item', 'patron', 'loan']));
printf("%-40s %8s %8s %8s   %s\n", 'milliseconds', 'p50', 'p95', '', 'p95 as a multiple of: bare floor, framework floor');
foreach ([1, 8] as $atOnce) {
    echo "-- {$atOnce} at once\n";
    $floors = [];
    $from = 1 === $atOnce ? 0 : 800;
    foreach ($jobs as $name => [$count, $make]) {
        $requests = $some($count, in_array($make, [$lend, $return], true) ? $make($from) : $make);
        [$p50, $p95] = $load->measure($requests, $atOnce);
        $floors[] = $p95;
        printf("%-40s %8.1f %8.1f %8s %6.1fx %6.1fx\n", $name, $p50, $p95, '', $p95 / $floors[0], isset($floors[1]) ? $p95 / $floors[1] : 0);
    }
}
