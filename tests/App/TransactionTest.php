<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use TinLantern\Access\SignInRequest;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Platform\Database\Transaction;

final class TransactionTest extends AppTestCase
{
    public function testAnActThatFailsLeavesNothingBehind(): void
    {
        $item = $this->anItem();
        $act = function () use ($item): int {
            $items = self::service(Items::class);
            $found = $items->lock($item);
            self::assertNotNull($found);
            $found->goOut($found->branchId());
            $items->save($found);

            return $this->rows("item WHERE status = 'on-loan'") > 0 ? throw new \DomainException('A reason to stop.') : 0;
        };
        $stopped = false;
        try {
            self::service(Transaction::class)->run($act);
        } catch (\DomainException) {
            $stopped = true;
        }
        self::assertTrue($stopped);
        self::assertSame('available', $this->get('/api/items/'.$item)['status']);
    }

    public function testAnActThatWaitedTooLongForAnotherIsRunAgain(): void
    {
        $item = $this->anItem();
        $other = $this->anotherDesk();
        $other->beginTransaction();
        $other->executeStatement('UPDATE item SET staff_note = ? WHERE id = ?', ['from another desk', $item]);
        $this->connection()->executeStatement('SET innodb_lock_wait_timeout = 1');
        $tries = 0;
        $note = self::service(Transaction::class)->run(static function () use ($item, $other, &$tries): string {
            if (2 === ++$tries) {
                $other->commit();
            }
            $found = self::service(Items::class)->lock($item);
            self::assertNotNull($found);

            return $found->details()->staffNote;
        });
        self::assertSame([2, 'from another desk'], [$tries, $note], 'run twice, and the second time it sees what the other has done');
    }

    public function testAnActWithinAnActIsAPartOfIt(): void
    {
        $transaction = self::service(Transaction::class);
        try {
            $transaction->run(function () use ($transaction): void {
                $transaction->run(fn () => $this->connection()->insert('house_state', ['name' => 'inner', 'value' => 'x']));
                throw new \DomainException('The outer act stops.');
            });
        } catch (\DomainException) {
            self::assertSame(0, $this->rows("house_state WHERE name = 'inner'"));
        }
    }

    public function testAnAnswerIsKeptWordForWord(): void
    {
        $transaction = self::service(Transaction::class);
        $id = self::id();
        $runs = 0;
        $act = static function () use (&$runs): SignInRequest {
            ++$runs;

            return new SignInRequest('Móller', "a \"quoted\" text\n", null, 'Desk '.$runs);
        };
        $first = $transaction->once($id, (object) ['a' => 1], SignInRequest::class, $act);
        $second = $transaction->once(strtoupper($id), (object) ['a' => 1], SignInRequest::class, $act);
        self::assertSame(1, $runs);
        self::assertEquals($first, $second);
    }

    public function testARefusedActMayBeSentAgainUnderItsId(): void
    {
        $transaction = self::service(Transaction::class);
        $id = self::id();
        try {
            $transaction->once($id, (object) [], SignInRequest::class, static fn () => throw new \DomainException('Not now.'));
        } catch (\DomainException) {
        }
        self::assertSame('later', $transaction->once($id, (object) [], SignInRequest::class, static fn () => new SignInRequest('later'))->name);
    }

    public function testTheDatabaseItselfHoldsThatAnItemHasOneOpenLoan(): void
    {
        $patron = $this->aPatron();
        $item = $this->anItem();
        $this->lend($patron, '300000001');
        $this->expectExceptionMessage('Duplicate entry');
        $this->connection()->insert('loan', ['item_id' => $item, 'patron_id' => $patron, 'branch_id' => $this->connection()->fetchOne('SELECT MIN(id) FROM branch'), 'lent_at' => '2026-03-03', 'due_at' => '2026-03-17']);
    }

    private function anotherDesk(): Connection
    {
        return DriverManager::getConnection($this->connection()->getParams());
    }
}
