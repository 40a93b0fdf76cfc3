<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Console\Event\ConsoleSignalEvent;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use TinLantern\Catalogue\Intake\ForgetOldFiles;
use TinLantern\Catalogue\Intake\TakeBackIntake;
use TinLantern\Platform\Background\BackgroundTasks;
use TinLantern\Platform\Background\StopSignal;
use TinLantern\Platform\Cli\ConsoleActor;

/**
 * A file as a cataloguer takes it in, in steps, with the work done in the background.
 */
final class IntakeByApiTest extends AppTestCase
{
    use FilesOfRecords;

    private const OWN = "LDR 00000nam a2200000 i 4500\n020 ## \$a9783000000010\n245 10 \$aTides of Skellin\n590 ## \$aGift";
    private const FULLER = "LDR 00000nam a2200000 i 4500\n020 ## \$a9783000000010\n245 10 \$aTides of Skellin\n300 ## \$a212 pages";
    private const OTHER = "LDR 00000nam a2200000 i 4500\n020 ## \$a9783000000027\n245 10 \$aKnitting for gulls";

    public function testAFileIsSentComparedChosenForTakenInAndTakenBack(): void
    {
        $this->takeIn($this->lines(self::OWN));
        $this->signIn('cataloguer');
        $intake = $this->sendFile($this->lines(self::FULLER, self::OTHER).'00005broken');
        self::assertSame(['received', 'marc', 'vendor.mrc'], [$intake['state'], $intake['format'], $intake['file']]);
        $path = '/api/intakes/'.self::number($intake, 'id');

        self::assertSame('waiting', self::at($this->send('POST', $path.'/comparing', ['id' => self::id(), 'onMatch' => 'replace'], 200), 'task', 'state'));
        $this->work();
        $compared = $this->get($path);
        self::assertSame(['compared', 'done', 1, 1, 1], [$compared['state'], self::at($compared, 'task', 'state'), self::at($compared, 'counts', 'matched'), self::at($compared, 'counts', 'new'), self::at($compared, 'counts', 'failed')]);

        $one = $this->get($path.'/records/1');
        self::assertSame(['match', 'isbn'], [self::at($one, 'line', 'kind'), self::at($one, 'line', 'matchedOn')]);
        self::assertSame([['590', '590 ## $aGift', null], ['300', null, '300 ## $a212 pages']], [
            array_values((array) self::pair($one, '590')), array_values((array) self::pair($one, '300')),
        ]);
        self::assertSame(['broken'], self::column((array) $this->get($path.'/records?filter[kind]=broken')['records'], 'kind'));

        $this->send('PUT', $path.'/records/2', ['id' => self::id(), 'choice' => 'skip'], 200);
        $this->send('POST', $path.'/taking-in', ['id' => self::id(), 'onMatch' => 'merge', 'keptFields' => ['59.']], 200);
        $this->work();
        $taken = $this->get($path);
        self::assertSame(['taken-in', 1, 0, 1], [$taken['state'], self::at($taken, 'counts', 'merged'), self::at($taken, 'counts', 'added'), self::at($taken, 'counts', 'skipped')]);
        self::assertStringContainsString('590 ## $aGift', $this->text($this->connection()->fetchOne('SELECT marc FROM record')));

        $this->send('POST', $path.'/taking-back', ['id' => self::id()], 200);
        $this->work();
        self::assertSame('taken-back', $this->get($path)['state']);
        self::assertStringNotContainsString('212 pages', $this->text($this->connection()->fetchOne('SELECT marc FROM record')));
    }

    public function testAFileIsTakenBackWhileItIsStillGoingIn(): void
    {
        $records = array_map(static fn (int $number): string => "LDR 00000nam a2200000 i 4500\n245 10 \$aTides, part {$number}", range(1, 1100));
        $path = '/api/intakes/'.self::number($this->sendFile($this->lines(...$records)), 'id');
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 200);
        $this->work();
        $this->send('POST', $path.'/taking-in', ['id' => self::id()], 200);
        self::service(StopSignal::class)(new ConsoleSignalEvent(new \Symfony\Component\Console\Command\Command('x'), new ArrayInput([]), new NullOutput(), 15));
        $this->work();
        self::assertSame(['taking-in', 500], [$this->get($path)['state'], $this->rows('record')]);
        self::assertSame('taking-back', $this->send('POST', $path.'/taking-back', ['id' => self::id()], 200)['state']);
        self::service(TakeBackIntake::class)((int) basename($path), self::service(ConsoleActor::class)());
        $after = $this->get($path);
        self::assertSame(['taken-back', 0], [$after['state'], $this->connection()->fetchOne('SELECT COUNT(*) FROM record')]);
    }

    public function testAfterHalfAYearTheRecordsAsTheyWereSentGoAndTheWayBackStays(): void
    {
        $this->takeIn($this->lines(self::OWN));
        $path = '/api/intakes/'.self::number($this->sendFile($this->lines(self::FULLER)), 'id');
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 200);
        $this->work();
        $this->send('POST', $path.'/taking-in', ['id' => self::id(), 'onMatch' => 'replace'], 200);
        $this->work();
        $file = $this->text($this->connection()->fetchOne('SELECT path FROM intake ORDER BY id DESC LIMIT 1'));
        self::assertFileExists($file);
        $this->itIs('2026-10-01 03:20');
        self::service(ForgetOldFiles::class)(new \DateTimeImmutable('2026-10-01 03:20'));
        self::assertFileDoesNotExist($file);
        self::assertSame(0, $this->connection()->fetchOne('SELECT COUNT(marc) FROM intake_record WHERE intake_id = ?', [basename($path)]));
        $this->signIn('cataloguer');
        self::assertSame('match', self::at($this->get($path.'/records/1'), 'line', 'kind'), 'what was found is still there');
        self::service(TakeBackIntake::class)((int) basename($path), self::service(ConsoleActor::class)());
        self::assertStringNotContainsString('212 pages', $this->text($this->connection()->fetchOne('SELECT marc FROM record')));
    }

    public function testAFileThatIsSomethingElseIsNamedAndNotKept(): void
    {
        $problem = $this->sendFile('%PDF-1.7', 422);
        self::assertSame('vendor.mrc is a PDF document, not a file of records.', self::at($problem, 'violations', 0, 'sentence'));
        self::assertSame(0, $this->rows('intake'));
    }

    public function testWhatCouldNotBeDoneWithARecordIsSaidBesideIt(): void
    {
        $this->takeIn($this->lines(self::OWN."\n852 1# \$bLAN\$p300000001"));
        $path = '/api/intakes/'.self::number($this->sendFile($this->lines(self::OTHER."\n852 1# \$bLAN\$p300000001\n852 1# \$bLAN", str_replace('27', '34', self::FULLER))), 'id');
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 200);
        $this->work();
        $withoutBarcode = 'Record 1: a field 852 has no barcode; it was kept as a field of the record and no item was made.';
        self::assertSame([[$withoutBarcode]], self::column((array) $this->get($path.'/records?filter[kind]=remarked')['records'], 'said'));
        $this->send('POST', $path.'/taking-in', ['id' => self::id()], 200);
        $this->work();
        self::assertSame([$withoutBarcode, 'Record 1: barcode 300000001 is on another item already; this item was left out.'], self::at($this->get($path.'/records/1'), 'line', 'said'));
        self::assertSame(1, self::at($this->get($path), 'counts', 'remarked'));
    }

    /** @return iterable<string, array{\Closure(string): mixed}> */
    public static function whatHappensToFiles(): iterable
    {
        yield 'it stays' => [static fn (string $file): bool => true];
        yield 'it has gone' => [unlink(...)];
        yield 'it is another' => [static fn (string $file): int|false => file_put_contents($file, 'another')];
    }

    /** @param \Closure(string): mixed $happens */
    #[DataProvider('whatHappensToFiles')]
    public function testWhatWasComparedGoesInWhateverHappensToTheFile(\Closure $happens): void
    {
        $this->takeIn($this->lines(self::OWN));
        $path = '/api/intakes/'.self::number($this->sendFile($this->lines(self::OTHER."\n852 1# \$bLAN\$p300000001", self::FULLER).'00005broken'), 'id');
        $this->send('POST', $path.'/comparing', ['id' => self::id(), 'worksheet' => 'book'], 200);
        $this->work();
        $happens($this->text($this->connection()->fetchOne('SELECT path FROM intake ORDER BY id DESC LIMIT 1')));
        $this->send('PUT', $path.'/records/2', ['id' => self::id(), 'choice' => 'replace'], 200);
        $this->send('POST', $path.'/taking-in', ['id' => self::id(), 'onMatch' => 'skip'], 200);
        $this->work();
        $taken = $this->get($path);
        self::assertSame(['taken-in', 1, 1, 1, 1], [$taken['state'], self::at($taken, 'counts', 'added'), self::at($taken, 'counts', 'replaced'), self::at($taken, 'counts', 'failed'), self::at($taken, 'counts', 'items')]);
        $marc = $this->text($this->connection()->fetchOne("SELECT GROUP_CONCAT(marc ORDER BY id SEPARATOR '\n') FROM record"));
        self::assertStringContainsString('300 ## $a212 pages', $marc);
        self::assertSame(2, substr_count($marc, '336 ## $atext'), 'both are filled in');
    }

    public function testTheSameWorkIsNotAskedForTwice(): void
    {
        $intake = $this->sendFile($this->lines(self::OTHER));
        $path = '/api/intakes/'.self::number($intake, 'id');
        $act = ['id' => self::id()];
        $this->send('POST', $path.'/comparing', $act, 200);
        $this->send('POST', $path.'/comparing', $act, 200);
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 409);
        self::assertSame(1, $this->rows('background_task'));
        $this->send('POST', $path.'/taking-in', ['id' => self::id()], 409);
    }

    public function testAWorkerThatIsAskedToStopPutsTheTaskOffAndAnotherGoesOn(): void
    {
        $records = [];
        for ($number = 0; $number < 600; ++$number) {
            $records[] = "LDR 00000nam a2200000 i 4500\n245 10 \$aTides, part {$number}";
        }
        $intake = $this->sendFile($this->lines(...$records));
        $path = '/api/intakes/'.self::number($intake, 'id');
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 200);
        self::service(StopSignal::class)(new ConsoleSignalEvent(new \Symfony\Component\Console\Command\Command('x'), new ArrayInput([]), new NullOutput(), 15));
        $this->work();
        self::assertSame(['comparing', 'waiting', 500], [$this->get($path)['state'], self::at($this->get($path), 'task', 'state'), self::at($this->get($path), 'counts', 'read')]);
    }

    public function testATaskWhoseWorkerWasKilledIsGivenToAnother(): void
    {
        $intake = $this->sendFile($this->lines(self::OTHER));
        $this->send('POST', '/api/intakes/'.self::number($intake, 'id').'/comparing', ['id' => self::id()], 200);
        $tasks = self::service(BackgroundTasks::class);
        self::assertNotNull($tasks->take());
        self::assertNull($tasks->take());
        $this->itIs('+2 minutes');
        self::assertNotNull($tasks->take());
    }

    public function testAFileWithoutATitleColumnSaysWhichColumnsItHas(): void
    {
        $intake = $this->sendFile("Werk;Code\nTides;300000001\n");
        self::assertSame(['Werk', 'Code'], $intake['headings']);
        $path = '/api/intakes/'.self::number($intake, 'id');
        $problem = $this->send('POST', $path.'/comparing', ['id' => self::id()], 422);
        self::assertStringContainsString('No column', $this->text(self::at($problem, 'violations', 0, 'sentence')));
        $this->send('POST', $path.'/comparing', ['id' => self::id(), 'columns' => ['Werk' => '245$a', 'Code' => 'item:barcode']], 200);
        $this->work();
        self::assertSame(1, self::at($this->get($path), 'counts', 'new'));
        // The next file with the same headings is understood by itself.
        $next = $this->sendFile("Werk;Code\nKnitting;300000002\n");
        self::assertSame(['Werk' => '245$a', 'Code' => 'item:barcode'], $next['columns']);
    }

    public function testBrokenRecordsGoBackAsTheyCameWithTheirReasons(): void
    {
        $intake = $this->sendFile($this->lines(self::OTHER).'00005broken');
        $path = '/api/intakes/'.self::number($intake, 'id');
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 200);
        $this->work();
        $this->browser->request('GET', $path.'/broken-records');
        $broken = $this->browser->getInternalResponse()->getContent();
        self::assertSame('00005broken', $broken);
        $this->browser->request('GET', $path.'/broken-reasons');
        [$headings, $line] = explode("\r\n", $this->browser->getInternalResponse()->getContent());
        self::assertSame('record,reason,content', $headings);
        [$place, $reason, $content] = str_getcsv($line, ',', '"', '');
        self::assertSame(['2', '00005broken'], [$place, $content]);
        self::assertStringStartsWith('Record 2 (at byte', (string) $reason);
    }

    /** @param array<array-key, mixed> $view */
    private static function pair(array $view, string $tag): mixed
    {
        foreach ((array) $view['pairs'] as $pair) {
            if (\is_array($pair) && $pair['tag'] === $tag) {
                return [$pair['tag'], $pair['left'], $pair['right']];
            }
        }

        return null;
    }
}
