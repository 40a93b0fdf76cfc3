<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use PHPUnit\Framework\TestCase;

/**
 * Several desks at once, and a database that is killed under them: what a desk was told is what the database holds.
 */
final class ManyDesksTest extends TestCase
{
    private LiveHouse $house;

    protected function setUp(): void
    {
        $this->house = new LiveHouse();
    }

    public function testOfTwoDesksThatScanOneItemAtOnceOneGetsItAndTheOtherIsTold(): void
    {
        $cookies = [$this->house->signIn('desk', 'At once 1'), $this->house->signIn('manager', 'At once 2')];
        $patrons = [$this->house->patron(10)['id'], $this->house->patron(11)['id']];
        foreach ($this->house->barcodes(12) as $barcode) {
            $requests = [];
            foreach ($cookies as $which => $cookie) {
                $requests[] = $this->house->request('POST', '/api/loans', ['id' => LiveHouse::uuid(), 'barcode' => $barcode, 'patron' => $patrons[$which]], $cookie);
            }
            $answers = $this->house->together($requests);
            $statuses = array_column($answers, 0);
            sort($statuses);
            self::assertSame([200, 409], $statuses);
            $told = $answers[0][0] > $answers[1][0] ? $answers[0][1] : $answers[1][1];
            self::assertSame('on-loan-to-another', \is_array($told['reasons'] ?? null) && \is_array($told['reasons'][0]) ? $told['reasons'][0]['code'] : null);
            self::assertSame('1', $this->house->one("SELECT COUNT(*) FROM loan l JOIN item i ON i.id = l.open_item_id WHERE i.barcode = '{$barcode}'"));
            $this->house->together([$this->house->request('POST', '/api/check-ins', ['id' => LiveHouse::uuid(), 'barcode' => $barcode], $cookies[0])]);
        }
    }

    public function testOneActSentManyTimesAtOnceIsDoneOnce(): void
    {
        $cookie = $this->house->signIn('desk', 'Many times');
        $patron = $this->house->patron(12)['id'];
        [$barcode] = $this->house->barcodes(1);
        $act = ['id' => LiveHouse::uuid(), 'code' => $barcode, 'lane' => 'lend', 'patron' => $patron];
        $answers = $this->house->together(array_map(fn (): \CurlHandle => $this->house->request('POST', '/api/scans', $act, $cookie), range(1, 6)));
        foreach ($answers as $answer) {
            self::assertSame($answers[0], $answer);
        }
        self::assertSame([200, 'lent'], [$answers[0][0], $answers[0][1]['outcome']]);
        self::assertSame('1', $this->house->one("SELECT COUNT(*) FROM loan WHERE open_patron_id = {$patron}"));
    }

    public function testADatabaseKilledInTheMiddleLosesNothingThatADeskWasTold(): void
    {
        $cookie = $this->house->signIn('desk', 'Storm');
        $barcodes = $this->house->barcodes(30);
        $told = [];
        $wasAway = 0;
        foreach ($barcodes as $index => $barcode) {
            if (10 === $index) {
                $this->killDatabase();
            }
            $act = ['id' => LiveHouse::uuid(), 'code' => $barcode, 'lane' => 'return'];
            for ($try = 0;; ++$try) {
                [$status, $answer] = $this->house->together([$this->house->request('POST', '/api/scans', $act, $cookie)])[0];
                if (200 === $status) {
                    $told[$act['id']] = $answer['outcome'];
                    break;
                }
                self::assertSame(503, $status, json_encode($answer, \JSON_THROW_ON_ERROR));
                self::assertSame('away', $answer['code']);
                ++$wasAway;
                self::assertLessThan(3000, $try, 'the database does not come back');
            }
        }
        $this->house->forgetConnection();
        self::assertGreaterThan(0, $wasAway);
        self::assertSame(array_fill(0, 30, 'returned'), array_values($told));
        $kept = $this->house->query("SELECT act_id FROM tape_line WHERE desk = 'Storm' ORDER BY id")->fetchAll(\PDO::FETCH_COLUMN);
        self::assertSame(array_keys($told), $kept);
        self::assertSame('30', $this->house->one("SELECT COUNT(*) FROM journal_entry WHERE desk = 'Storm' AND act = 'item-returned'"));
    }

    /** Kills the server's process without a word, as a power cut would; its keeper starts it again. */
    private function killDatabase(): void
    {
        $pid = (int) file_get_contents(getenv('TL_RUN').'/mariadb.pid');
        self::assertGreaterThan(1, $pid);
        self::assertStringContainsString('mariadbd', (string) file_get_contents("/proc/{$pid}/cmdline"));
        self::assertTrue(posix_kill($pid, 9));
    }
}
