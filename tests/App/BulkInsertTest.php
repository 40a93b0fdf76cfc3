<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Platform\Database\BulkInsert;

/**
 * What is written many rows at a time comes back as it was, whatever is in it.
 */
final class BulkInsertTest extends AppTestCase
{
    /** @return iterable<string, array{string|null}> */
    public static function texts(): iterable
    {
        yield 'nothing' => [null];
        yield 'an empty text' => [''];
        yield 'quotation marks' => ['it\'s "so" `here`'];
        yield 'backslashes' => ['a\\\\b\\\'c\\'];
        yield 'what looks like a place for a value' => ['who? :name ?'];
        yield 'the end of a statement' => ["x'); DROP TABLE phrase; -- "];
        yield 'line ends and tabs' => ["one\r\ntwo\tthree"];
        yield 'the end of a text in other languages' => ["a\0b\x1Ac"];
        yield 'other scripts' => ['Ωκεανός, маяк, 航海圖, 🐦'];
    }

    #[DataProvider('texts')]
    public function testTextsComeBackAsTheyWere(?string $text): void
    {
        BulkInsert::run($this->connection(), 'INSERT INTO search_outbox (record_id, document)', [[1, $text], [2, 'beside it']]);
        self::assertSame([1 => $text, 2 => 'beside it'], $this->connection()->fetchAllKeyValue('SELECT record_id, document FROM search_outbox ORDER BY record_id'));
    }

    public function testBytesThatAreNoTextComeBackToo(): void
    {
        $item = $this->anItem();
        $bytes = implode('', array_map(chr(...), range(0, 189)));
        BulkInsert::run($this->connection(), 'INSERT INTO item (id, shelf_key, record_id, barcode, status, branch_id, at_branch_id, location_id, lending_class_id, prefix, call_number, suffix, copy, staff_note)', [
            [$item + 1, $bytes, self::number($this->get("/api/items/{$item}"), 'recordId'), '300000777', 'available', ...array_map($this->firstOf(...), ['branch', 'branch', 'shelving_location', 'lending_class']), '', '', '', '', ''],
        ]);
        self::assertSame($bytes, $this->connection()->fetchOne('SELECT shelf_key FROM item WHERE barcode = \'300000777\''));
    }

    public function testMoreRowsThanGoIntoOneStatementAllGoIn(): void
    {
        BulkInsert::run($this->connection(), 'INSERT INTO search_outbox (record_id, document)', array_map(static fn (int $id): array => [$id, "document {$id}"], range(1, 2345)));
        self::assertSame(2345, $this->rows('search_outbox'));
        self::assertSame('document 2345', $this->connection()->fetchOne('SELECT document FROM search_outbox WHERE record_id = 2345'));
    }

    public function testNoRowsAreNoStatement(): void
    {
        BulkInsert::run($this->connection(), 'INSERT INTO nowhere (nothing)', []);
        self::assertSame(0, $this->rows('search_outbox'));
    }

    private function firstOf(string $table): int
    {
        $id = $this->connection()->fetchOne("SELECT MIN(id) FROM {$table}");

        return is_numeric($id) ? (int) $id : 0;
    }
}
