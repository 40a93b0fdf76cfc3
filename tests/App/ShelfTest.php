<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

final class ShelfTest extends AppTestCase
{
    private const NUMBERS = ['005.1 AAA', '551.46 VEN', '551.460 9 TAR', '551.5 MOL', '641.5 SMI v.2', '641.5 SMI v.10', '823.91 ABL', '823.912 AAA'];

    protected function setUp(): void
    {
        parent::setUp();
        $shuffled = [4, 1, 7, 0, 6, 3, 5, 2];
        foreach ($shuffled as $index) {
            $this->item('30000010'.$index, self::NUMBERS[$index]);
        }
        $this->item('300000200', '551.47 ELS', ['branch' => 'HOL']);
        $this->item('300000201', '551.47 KID', ['location' => 'CHILD']);
        $this->item('300000202', '551.47 OUT', ['status' => 'withdrawn']);
    }

    public function testNeighboursStandInShelfOrderAroundACallNumber(): void
    {
        $shelf = $this->get('/api/shelf?callNumber=551.5&branch=LAN&location=ADULT');
        self::assertSame(self::NUMBERS, self::column((array) $shelf['items'], 'callNumber'));
        self::assertSame([3, null, null], [$shelf['at'], $shelf['before'], $shelf['after']]);
    }

    public function testANumberThatNothingHasBeginsWhereItWouldStand(): void
    {
        self::assertSame(4, $this->get('/api/shelf?callNumber=600&branch=LAN&location=ADULT')['at']);
        self::assertNull($this->get('/api/shelf?callNumber=999&branch=LAN&location=ADULT')['at'], 'behind the last');
    }

    public function testAShelfBeginsAtItsBeginningWhenNoNumberIsAsked(): void
    {
        $shelf = $this->get('/api/shelf?branch=LAN&location=ADULT&limit=3');
        self::assertSame([\array_slice(self::NUMBERS, 0, 3), null, null], [self::column((array) $shelf['items'], 'callNumber'), $shelf['at'], $shelf['before']]);
        self::assertIsString($shelf['after']);
    }

    public function testAllBranchesStandTogetherWhenNoneIsChosen(): void
    {
        self::assertContains('551.47 ELS', self::column((array) $this->get('/api/shelf?callNumber=551&location=ADULT')['items'], 'callNumber'));
    }

    public function testTheNeighboursOfAnItemAreThoseOfItsOwnLocation(): void
    {
        $id = $this->connection()->fetchOne("SELECT id FROM item WHERE barcode = '300000201'");
        self::assertIsInt($id);
        $shelf = $this->get('/api/shelf?item='.$id);
        self::assertSame([['551.47 KID'], 0, 'CHILD'], [self::column((array) $shelf['items'], 'callNumber'), $shelf['at'], $shelf['location']]);
    }

    public function testAPieceThatStandsSomewhereElseForATimeIsMetThere(): void
    {
        $this->item('300000300', '551.3 NEW', ['temporaryLocation' => 'CHILD', 'temporaryUntil' => '2026-03-20']);
        $this->item('300000301', '551.9 NEW', ['temporaryLocation' => 'CHILD', 'temporaryUntil' => '2026-03-20']);
        $id = $this->connection()->fetchOne("SELECT id FROM item WHERE barcode = '300000301'");
        self::assertIsInt($id);
        $shelf = $this->get('/api/shelf?item='.$id);
        self::assertSame([['551.3 NEW', '551.47 KID', '551.9 NEW'], 2, 'CHILD'], [self::column((array) $shelf['items'], 'callNumber'), $shelf['at'], $shelf['location']]);
        self::assertSame(self::NUMBERS, self::column((array) $this->get('/api/shelf?callNumber=551.5&branch=LAN&location=ADULT')['items'], 'callNumber'), 'its own shelf has a gap');
    }

    public function testGoingAlongMeetsEachItemOnceInBothDirections(): void
    {
        foreach (['after' => self::NUMBERS, 'before' => array_reverse(self::NUMBERS)] as $direction => $expected) {
            $met = [];
            $page = $this->get('/api/shelf?branch=LAN&location=ADULT&limit=2&'.('after' === $direction ? 'after=:0' : 'before=ff:9999999'));
            while (true) {
                $items = self::column((array) $page['items'], 'callNumber');
                array_push($met, ...('after' === $direction ? $items : array_reverse($items)));
                if (!\is_string($page[$direction])) {
                    break;
                }
                $page = $this->get('/api/shelf?branch=LAN&location=ADULT&limit=2&'.$direction.'='.rawurlencode($page[$direction]));
            }
            self::assertSame($expected, $met, $direction);
        }
    }

    public function testAPlaceThatIsNoneIsNamed(): void
    {
        $violations = $this->send('GET', '/api/shelf?location=ATTIC', null, 422)['violations'];
        self::assertIsArray($violations);
        self::assertSame(['There is no shelving location "ATTIC". Choose one of the list.'], self::column($violations, 'sentence'));
        $this->send('GET', '/api/shelf?item=999999', null, 404);
    }

    /** @param array<string, mixed> $more */
    private function item(string $barcode, string $callNumber, array $more = []): void
    {
        $this->send('POST', '/api/records/'.$this->aRecord('On '.$callNumber).'/items', ['callNumber' => $callNumber] + $more + $this->itemForm($barcode), 200);
    }
}
