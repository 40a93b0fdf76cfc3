<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Along the headings of the catalogue, as somebody does who does not know how a subject is written.
 */
final class HeadingsTest extends AppTestCase
{
    private const SUBJECTS = ['Étude', 'Gulls', 'Gulls -- Skellin', 'GULLS', 'Knots', 'Lanterns', 'Lanterns', 'Øre', 'Tides', 'Weather', 'Zephyrs'];

    protected function setUp(): void
    {
        parent::setUp();
        foreach (self::SUBJECTS as $number => $subject) {
            $this->send('POST', '/api/records', ['id' => self::id(), 'decision' => 'keep', 'text' => "LDR 00000nam a2200000 i 4500\n100 1# \$aVenn, Mara\n245 10 \$aNotes {$number}\n650 #0 \$a".str_replace(' -- ', '$z', $subject)], 200);
        }
    }

    /** @return iterable<string, array{string, list<string>, string|null}> */
    public static function places(): iterable
    {
        yield 'the beginning of the list' => ['', ['Étude', 'GULLS', 'Gulls', 'Gulls · Skellin'], null];
        yield 'a heading as it is written' => ['Knots', ['Étude', 'GULLS', 'Gulls', 'Gulls · Skellin', 'Knots', 'Lanterns', 'Øre'], 'Knots'];
        yield 'the beginning of one, without accents' => ['et', ['Étude', 'GULLS', 'Gulls', 'Gulls · Skellin'], 'Étude'];
        yield 'something between two' => ['mice', ['GULLS', 'Gulls', 'Gulls · Skellin', 'Knots', 'Lanterns', 'Øre', 'Tides', 'Weather'], 'Øre'];
        yield 'one that sorts like another' => ['gulls', ['Étude', 'GULLS', 'Gulls', 'Gulls · Skellin', 'Knots'], 'GULLS'];
        yield 'behind the end' => ['zz', ['Øre', 'Tides', 'Weather', 'Zephyrs'], null];
    }

    /** @param list<string> $shown */
    #[DataProvider('places')]
    public function testTheListIsEnteredWhereSomebodyBeginsToType(string $typed, array $shown, ?string $at): void
    {
        $page = $this->get('/api/headings/around?kind=s&limit=3&q='.rawurlencode($typed));
        self::assertSame($shown, self::column((array) $page['headings'], 'text'));
        self::assertSame($at, null === $page['at'] ? null : self::at($page, 'headings', \is_int($page['at']) ? $page['at'] : -1, 'text'));
    }

    public function testGoingBothWaysShowsEveryHeadingOnceInOneOrder(): void
    {
        $entered = $this->get('/api/headings/around?limit=2&q=lant');
        $texts = self::column((array) $entered['headings'], 'text');
        for ($page = $entered; null !== $page['after'];) {
            $page = $this->get('/api/headings/around?limit=2&after='.rawurlencode(\is_string($page['after']) ? $page['after'] : ''));
            array_push($texts, ...self::column((array) $page['headings'], 'text'));
        }
        for ($page = $entered; null !== $page['before'];) {
            $page = $this->get('/api/headings/around?limit=2&before='.rawurlencode(\is_string($page['before']) ? $page['before'] : ''));
            array_unshift($texts, ...self::column((array) $page['headings'], 'text'));
        }
        self::assertSame(['Étude', 'GULLS', 'Gulls', 'Gulls · Skellin', 'Knots', 'Lanterns', 'Øre', 'Tides', 'Weather', 'Zephyrs'], $texts);
    }

    public function testRecordsAreCountedForEachWayOfWritingAHeading(): void
    {
        $page = $this->get('/api/headings/around?kind=s');
        self::assertSame([1, 1, 1, 1, 1, 2, 1, 1, 1, 1], self::column((array) $page['headings'], 'records'));
        self::assertSame([null, null], [$page['before'], $page['after']]);
        self::assertSame([11], self::column((array) $this->get('/api/headings/around?kind=n&q=venn')['headings'], 'records'));
        self::assertSame([], $this->get('/api/headings/around?kind=g')['headings']);
        self::assertSame(['GULLS', 'Gulls', 'Gulls · Skellin'], self::column($this->get('/api/headings?kind=s&q=gul'), 'text'));
    }

    public function testWhatIsNoKindOrNoLimitIsSaid(): void
    {
        self::assertSame('kind', self::at($this->send('GET', '/api/headings/around?kind=x', null, 422), 'violations', 0, 'field'));
        self::assertSame('limit', self::at($this->send('GET', '/api/headings/around?limit=0', null, 422), 'violations', 0, 'field'));
    }
}
