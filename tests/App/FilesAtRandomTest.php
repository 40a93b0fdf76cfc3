<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whatever is done with a file, in whatever order: the catalogue is as it was until the file is in, and again when it is taken back.
 */
final class FilesAtRandomTest extends AppTestCase
{
    use FilesOfRecords;

    private const HELD = [
        "LDR 00000nam a2200000 i 4500\n001 t1\n020 ## \$a9783000000010\n245 10 \$aTides of Skellin\n590 ## \$aGift\n852 1# \$bLAN\$h551.46\$p300000001",
        "LDR 00000nam a2200000 i 4500\n001 t2\n100 1# \$aVenn, Mara\n245 10 \$aGulls\n264 #1 \$c2019",
        "LDR 00000nam a2200000 i 4500\n001 t3\n245 10 \$aKnots",
    ];
    private const SENT = [
        "LDR 00000nam a2200000 i 4500\n020 ## \$a9783000000010\n245 10 \$aTides of Skellin\n300 ## \$a212 pages\n852 1# \$bHOL\$h551.46\$p300000002",
        "LDR 00000nam a2200000 i 4500\n100 1# \$aVenn, Mara\n245 10 \$aGulls\n264 #1 \$c2019\n520 ## \$aOn a cliff",
        "LDR 00000nam a2200000 i 4500\n020 ## \$a9783000000027\n245 10 \$aLanterns\n852 1# \$bLAN\$h621\$p300000003",
        "LDR 00000nam a2200000 i 4500\n020 ## \$a9783000000027\n245 10 \$aLanterns\n500 ## \$aOnce more",
        "LDR 00000nam a2200000 i 4500\n245 10 \$aWeather\n852 1# \$bLAN\$h551.6\$p300000001",
    ];
    /** What may be asked of a file in each state, and the state in which the file is when the work is done. */
    private const LEADS_TO = [
        'received' => ['comparing' => 'compared', 'taking-in' => 'taken-in', 'putting-away' => 'put-away'],
        'compared' => ['comparing' => 'compared', 'taking-in' => 'taken-in', 'putting-away' => 'put-away'],
        'put-away' => ['taking-up' => null],
        'taken-in' => ['taking-back' => 'taken-back'],
        'taken-back' => [],
    ];
    private const ACTS = ['comparing', 'comparing', 'taking-in', 'taking-back', 'putting-away', 'taking-up', 'taking-up'];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "throw {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testTheCatalogueIsAsItWasUntilAFileIsInAndWhenItIsTakenBack(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $this->takeIn($this->lines(...self::HELD));
        $before = $this->catalogue();
        $this->signIn('cataloguer');
        $path = '/api/intakes/'.self::number($this->sendFile($this->lines(...self::SENT).'00005broken'), 'id');
        $state = 'received';
        $resting = null;
        for ($step = 0; $step < 14; ++$step) {
            $act = self::ACTS[$dice->getInt(0, \count(self::ACTS) - 1)];
            $choices = str_starts_with($act, 'taking-in') || 'comparing' === $act ? [
                'matchRule' => ['standard', 'isbn', 'none', 'careful'][$dice->getInt(0, 3)],
                'onMatch' => ['replace', 'merge', 'items', 'keep', 'skip'][$dice->getInt(0, 4)],
                'onNew' => ['add', 'skip'][$dice->getInt(0, 1)],
                'worksheet' => ['', 'book'][$dice->getInt(0, 1)],
                'tidyRules' => ['', 'standard'][$dice->getInt(0, 1)],
            ] : [];
            $next = self::LEADS_TO[$state];
            $this->send('POST', $path.'/'.$act, ['id' => self::id()] + $choices, \array_key_exists($act, $next) ? 200 : 409);
            $this->work();
            if (\array_key_exists($act, $next)) {
                [$resting, $state] = 'put-away' === $next[$act] ? [$state, 'put-away'] : [$resting, $next[$act] ?? (string) $resting];
            }
            $view = $this->get($path);
            self::assertSame($state, $view['state'], "after {$act}");
            self::assertNotSame('failed', ((array) $view['task'])['state'] ?? '');
            if ('taken-in' !== $state) {
                self::assertSame($before, $this->catalogue(), "after {$act}");
            }
            if ('received' !== $state) {
                $this->countsAddUp((array) $view['counts'], $state);
            }
        }
        if ('taken-in' === $state) {
            $this->send('POST', $path.'/taking-back', ['id' => self::id()], 200);
            $this->work();
            self::assertSame($before, $this->catalogue());
        }
    }

    /** @param array<array-key, mixed> $counts */
    private function countsAddUp(array $counts, string $state): void
    {
        $of = static fn (string $name): int => \is_int($counts[$name] ?? null) ? $counts[$name] : 0;
        self::assertContains($of('read'), 'put-away' === $state ? [0, 6] : [6]);
        self::assertSame($of('read'), $of('new') + $of('matched') + $of('again') + $of('failed') + $of('unfit'));
        if ('taken-in' === $state) {
            self::assertSame(5, $of('added') + $of('replaced') + $of('merged') + $of('itemsOnly') + $of('skipped'));
        }
    }

    /** @return array<string, mixed> what the catalogue holds, and what is derived from it */
    private function catalogue(): array
    {
        $of = fn (string $sql): array => $this->connection()->fetchAllNumeric($sql);

        return [
            'records' => $of('SELECT id, marc, title, author, year FROM record ORDER BY id'),
            'items' => $of('SELECT barcode, record_id, branch_id, call_number FROM item ORDER BY id'),
            'keys' => $of('SELECT record_id, value FROM match_key ORDER BY record_id, value'),
            'headings' => $of('SELECT record_id, kind, written FROM record_heading ORDER BY record_id, kind, written'),
            'found' => $of('SELECT record_id, words, branches FROM search_document ORDER BY record_id'),
        ];
    }
}
