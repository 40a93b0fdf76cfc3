<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Catalogue\Intake\CompareFile;
use TinLantern\Catalogue\Intake\ForgetOldFiles;
use TinLantern\Catalogue\Intake\Intakes;
use TinLantern\Catalogue\Intake\RecordFile;
use TinLantern\Catalogue\Intake\TakeBackIntake;
use TinLantern\Platform\Cli\ConsoleActor;
use TinLantern\Platform\Problem\Conflict;

/**
 * What a person does with a file that is not in yet: compares it once more in another way, puts it away, takes it up again, lets work go
 * on that came to a halt.
 */
final class FilesInHandTest extends AppTestCase
{
    use FilesOfRecords;

    private const TIDES = "LDR 00000nam a2200000 i 4500\n001 t1\n020 ## \$a9783000000010\n245 10 \$aTides of Skellin";
    private const TIDES_WITHOUT_NUMBER = "LDR 00000nam a2200000 i 4500\n245 10 \$aTides of Skellin";
    private const GULLS = "LDR 00000nam a2200000 i 4500\n020 ## \$a9783000000027\n245 10 \$aKnitting for gulls";

    public function testAFileIsComparedOnceMoreInAnotherWay(): void
    {
        $this->takeIn($this->lines(self::TIDES));
        $path = $this->aFile($this->lines(self::TIDES_WITHOUT_NUMBER, self::GULLS, self::GULLS).'00005broken');
        $this->ask($path, 'comparing', ['matchRule' => 'isbn']);
        self::assertSame([2, 0, 1], $this->found($path));
        $this->send('PUT', $path.'/records/2', ['id' => self::id(), 'choice' => 'skip'], 200);

        $this->ask($path, 'comparing', ['matchRule' => 'standard']);
        self::assertSame([1, 1, 1], $this->found($path), 'the title matches by another rule');
        self::assertSame('standard', self::at($this->get($path), 'choices', 'matchRule'));
        self::assertSame([null, null, null, null], self::column((array) $this->get($path.'/records')['records'], 'choice'), 'what was chosen for single records is forgotten');

        $this->ask($path, 'taking-in', ['onMatch' => 'skip']);
        self::assertSame(['taken-in', 1], [$this->get($path)['state'], self::at($this->get($path), 'counts', 'added')]);
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 409);
    }

    public function testAFileThatHasWaitedSaysWhatHasComeSince(): void
    {
        $path = $this->aFile($this->lines(self::TIDES_WITHOUT_NUMBER, self::GULLS));
        $this->ask($path, 'comparing');
        self::assertSame([0, '2026-03-03'], [$this->get($path)['comeSince'], substr($this->text($this->get($path)['comparedAt']), 0, 10)]);
        $this->itIs('2026-03-05 09:00');
        $this->takeIn($this->lines(self::TIDES));
        $this->signIn('cataloguer');
        self::assertSame([1, [2, 0, 0]], [$this->get($path)['comeSince'], $this->found($path)]);
        $this->ask($path, 'comparing');
        self::assertSame([0, [1, 1, 0]], [$this->get($path)['comeSince'], $this->found($path)]);
    }

    public function testComparingOnTheConsoleIsAlwaysFresh(): void
    {
        $file = $this->lines(self::TIDES_WITHOUT_NUMBER, self::GULLS);
        self::assertSame([2, 0], [($first = $this->takeIn($file, ['--dry-run' => true]))['new'], $first['matched']]);
        $this->takeIn($this->lines(self::TIDES));
        $again = $this->takeIn($file, ['--dry-run' => true]);
        self::assertSame([$first['intake'], 1, 1], [$again['intake'], $again['new'], $again['matched']]);
        self::assertSame([1, 1], [($taken = $this->takeIn($file, ['--on-match' => 'keep']))['new'], $taken['matched']]);
    }

    public function testAnotherWayOfReadingColumnsMakesOtherRecords(): void
    {
        $path = $this->aFile("Werk;Wer\nTides;Petrel, Nessa\nGulls;Tern, Tobin\n");
        $this->ask($path, 'comparing', ['columns' => ['Werk' => '100$a', 'Wer' => '245$a']]);
        self::assertSame(['Petrel, Nessa', 'Tern, Tobin'], self::column((array) $this->get($path.'/records')['records'], 'title'));
        $this->ask($path, 'comparing', ['columns' => ['Werk' => '245$a', 'Wer' => '100$a']]);
        self::assertSame(['Tides', 'Gulls'], self::column((array) $this->get($path.'/records')['records'], 'title'));
    }

    public function testAFileThatIsNotThereAsItWasCannotBeComparedAnewButGoesIn(): void
    {
        $path = $this->aFile($this->lines(self::GULLS));
        $this->ask($path, 'comparing');
        file_put_contents($this->kept(), 'another');
        $problem = $this->send('POST', $path.'/comparing', ['id' => self::id()], 409);
        self::assertSame('file-gone', $problem['code']);
        self::assertSame([1, 0, 0], $this->found($path), 'what was found stays');
        $this->ask($path, 'taking-in');
        self::assertSame(1, $this->rows('record'));
    }

    /** @return iterable<string, array{bool, string}> */
    public static function beforeItIsPutAway(): iterable
    {
        yield 'a file that nobody has compared' => [false, 'received'];
        yield 'a file that was compared' => [true, 'compared'];
    }

    #[DataProvider('beforeItIsPutAway')]
    public function testAFileIsPutAwayAndTakenUpAgain(bool $isCompared, string $state): void
    {
        $path = $this->aFile($this->lines(self::TIDES, self::GULLS));
        $other = $this->aFile($this->lines(self::GULLS));
        if ($isCompared) {
            $this->ask($path, 'comparing');
        }
        $act = ['id' => self::id()];
        self::assertSame('put-away', $this->send('POST', $path.'/putting-away', $act, 200)['state']);
        self::assertSame('put-away', $this->send('POST', $path.'/putting-away', $act, 200)['state'], 'the same act sent twice is one');
        self::assertSame([[basename($other)], 1], $this->listed(''));
        self::assertSame([[basename($path)], 1], $this->listed('?filter[state]=put-away'));
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 409);
        $this->send('POST', $path.'/taking-in', ['id' => self::id()], 409);

        self::assertSame($state, $this->send('POST', $path.'/taking-up', ['id' => self::id()], 200)['state']);
        self::assertSame('not-put-away', $this->send('POST', $path.'/taking-up', ['id' => self::id()], 409)['code']);
        self::assertSame([[basename($other), basename($path)], 0], $this->listed(''));
        self::assertNull($this->get($path)['endedAt']);
        if (!$isCompared) {
            $this->ask($path, 'comparing');
        }
        $this->ask($path, 'taking-in');
        self::assertSame(2, $this->rows('record'));
        self::assertSame('nothing-to-put-away', $this->send('POST', $path.'/putting-away', ['id' => self::id()], 409)['code']);
        $acts = $this->connection()->fetchFirstColumn("SELECT act FROM journal_entry WHERE subject = 'intake' AND subject_id = ? ORDER BY id", [basename($path)]);
        self::assertSame(['file-put-away', 'file-taken-up', 'file-taken-in'], $acts);
    }

    public function testAFileIsPutAwayInTheMiddleOfBeingCompared(): void
    {
        $path = $this->aFile($this->lines(...array_map(static fn (int $number): string => "LDR 00000nam a2200000 i 4500\n245 10 \$aTides, part {$number}", range(1, 1100))));
        $this->send('POST', $path.'/comparing', ['id' => self::id()], 200);
        $intake = self::service(Intakes::class)->get((int) basename($path));
        try {
            self::service(CompareFile::class)($intake, RecordFile::open((string) $intake->path, $intake->fileName), function () use ($path): void {
                $this->send('POST', $path.'/putting-away', ['id' => self::id()], 200);
            });
            self::fail('Comparing goes on, though nobody wants the file.');
        } catch (Conflict) {
            self::assertSame(['put-away', 500], [$this->get($path)['state'], self::at($this->get($path), 'counts', 'read')]);
        }
        $this->work();
        self::assertSame('done', self::at($this->get($path), 'task', 'state'), 'the task has nothing left to do');

        // Taken up again it is compared from the first record on.
        $this->send('POST', $path.'/taking-up', ['id' => self::id()], 200);
        $this->ask($path, 'comparing');
        self::assertSame([1100, 0, 0], $this->found($path));
    }

    public function testComparingThatCameToAHaltGoesOnWhereItWas(): void
    {
        $path = $this->aFile($this->lines(self::TIDES, self::GULLS));
        $kept = $this->kept();
        rename($kept, $kept.'.away');
        // It went away between being looked at and being read.
        $this->connection()->update('intake', ['state' => 'comparing'], ['id' => basename($path)]);
        $this->ask($path, 'comparing');
        self::assertSame(['comparing', 'failed'], [$this->get($path)['state'], self::at($this->get($path), 'task', 'state')]);
        self::assertStringContainsString('There is no readable file', $this->text(self::at($this->get($path), 'task', 'answer', 'error')));
        rename($kept.'.away', $kept);
        $this->ask($path, 'comparing');
        self::assertSame(['compared', 'done'], [$this->get($path)['state'], self::at($this->get($path), 'task', 'state')]);
        self::assertSame([2, 0, 0], $this->found($path));
    }

    public function testAFileGoesInAtOnceWhenNobodyWantsToLookBetween(): void
    {
        $this->takeIn($this->lines(self::TIDES));
        $path = $this->aFile($this->lines(self::TIDES_WITHOUT_NUMBER."\n300 ## \$a212 pages", self::GULLS, self::GULLS));
        self::assertSame('comparing', $this->send('POST', $path.'/taking-in', ['id' => self::id(), 'onMatch' => 'replace'], 200)['state']);
        $this->send('POST', $path.'/taking-in', ['id' => self::id()], 409);
        $this->work();
        $taken = $this->get($path);
        self::assertSame(['taken-in', 1, 2, 2], [$taken['state'], self::at($taken, 'counts', 'added'), self::at($taken, 'counts', 'replaced'), $this->rows('record')]);
        $this->send('POST', $path.'/taking-back', ['id' => self::id()], 200);
        $this->work();
        self::assertSame(['taken-back', 1], [$this->get($path)['state'], $this->rows('record')]);
        self::assertStringNotContainsString('212 pages', $this->text($this->connection()->fetchOne('SELECT marc FROM record')));
    }

    public function testAFileThatGoesInAtOnceIsPutAwayBeforeItsFirstRecord(): void
    {
        $path = $this->aFile($this->lines(self::GULLS));
        $this->send('POST', $path.'/taking-in', ['id' => self::id()], 200);
        $this->send('POST', $path.'/putting-away', ['id' => self::id()], 200);
        $this->work();
        self::assertSame(['put-away', 0], [$this->get($path)['state'], $this->rows('record')]);
    }

    public function testTakingInThatCameToAHaltGoesOnAsItWasChosen(): void
    {
        $this->takeIn($this->lines(self::TIDES));
        $path = $this->aFile($this->lines(self::TIDES_WITHOUT_NUMBER, self::GULLS));
        $this->ask($path, 'comparing');
        $this->send('POST', $path.'/taking-in', ['id' => self::id(), 'onMatch' => 'keep'], 200);
        // The worker ended without a word behind its first step.
        $this->connection()->executeStatement("UPDATE background_task SET state = 'failed'");
        $this->connection()->update('intake', ['state' => 'taking-in'], ['id' => basename($path)]);
        $this->ask($path, 'taking-in', ['onMatch' => 'skip']);
        self::assertSame(['taken-in', 2], [$this->get($path)['state'], self::at($this->get($path), 'counts', 'added')], 'both were to be kept');
        self::service(TakeBackIntake::class)((int) basename($path), self::service(ConsoleActor::class)());
        self::assertSame(1, $this->rows('record'));
    }

    public function testWhatWasPutAwayIsForgottenAfterHalfAYear(): void
    {
        $path = $this->aFile($this->lines(self::GULLS));
        $this->ask($path, 'comparing');
        $this->send('POST', $path.'/putting-away', ['id' => self::id()], 200);
        $kept = $this->kept();
        self::service(ForgetOldFiles::class)(new \DateTimeImmutable('2026-04-01 03:20'));
        self::assertFileExists($kept);
        self::service(ForgetOldFiles::class)(new \DateTimeImmutable('2026-10-01 03:20'));
        self::assertFileDoesNotExist($kept);
        $this->send('POST', $path.'/taking-up', ['id' => self::id()], 200);
        self::assertSame('file-gone', $this->send('POST', $path.'/comparing', ['id' => self::id()], 409)['code']);
    }

    public function testTheListOfFilesGoesOnPageByPage(): void
    {
        $files = array_map(fn (int $number): string => basename($this->aFile($this->lines(self::GULLS."\n500 ## \$a{$number}"))), range(1, 5));
        $seen = [];
        $after = '';
        do {
            $page = $this->get('/api/intakes?limit=2'.$after);
            array_push($seen, ...self::numbersOf($page));
            $after = \is_int($page['after']) ? '&after='.$page['after'] : null;
        } while (null !== $after);
        self::assertSame(array_reverse($files), $seen);
        self::assertSame(422, $this->browserStatus('/api/intakes?filter[state]=compared'));
    }

    public function testNewRecordsThatSomethingIsLikeAreCounted(): void
    {
        $this->takeIn($this->lines(self::TIDES."\n250 ## \$aSecond edition"));
        $path = $this->aFile($this->lines(self::TIDES_WITHOUT_NUMBER."\n250 ## \$aThird edition", self::GULLS));
        $this->ask($path, 'comparing', ['matchRule' => 'careful']);
        self::assertSame([2, 1], [self::at($this->get($path), 'counts', 'new'), self::at($this->get($path), 'counts', 'near')]);
        self::assertCount(1, (array) $this->get($path.'/records?filter[kind]=near')['records']);
    }

    private function aFile(string $bytes): string
    {
        $this->signIn('cataloguer');

        return '/api/intakes/'.self::number($this->sendFile($bytes), 'id');
    }

    /** @param array<string, mixed> $choices */
    private function ask(string $path, string $work, array $choices = []): void
    {
        $this->send('POST', $path.'/'.$work, ['id' => self::id()] + $choices, 200);
        $this->work();
    }

    /** @return list<mixed> how many are new, match, are there twice */
    private function found(string $path): array
    {
        $counts = (array) $this->get($path)['counts'];

        return [$counts['new'], $counts['matched'], $counts['again']];
    }

    /** @return array{list<string>, mixed} the files that are listed, and how many were put away */
    private function listed(string $query): array
    {
        $list = $this->get('/api/intakes'.$query);

        return [self::numbersOf($list), $list['putAway']];
    }

    /**
     * @param array<array-key, mixed> $list
     *
     * @return list<string>
     */
    private static function numbersOf(array $list): array
    {
        return array_map(static fn (mixed $id): string => \is_int($id) ? (string) $id : '', array_values(self::column((array) $list['files'], 'id')));
    }

    private function kept(): string
    {
        return $this->text($this->connection()->fetchOne('SELECT path FROM intake ORDER BY id DESC LIMIT 1'));
    }

    private function browserStatus(string $path): int
    {
        $this->browser->request('GET', $path);

        return $this->browser->getResponse()->getStatusCode();
    }
}
