<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Catalogue\ExportRecords;
use TinLantern\Platform\Upkeep\DoUpkeep;
use TinLantern\Platform\Upkeep\ItIsTime;
use TinLantern\Platform\Upkeep\Rhythm;

final class UpkeepTest extends AppTestCase
{
    public function testTheNightForgetsWhatHasEndedAndNothingElse(): void
    {
        $this->anItem();
        $this->itIs('2026-03-04 09:00');
        $this->signIn('desk');
        self::service(DoUpkeep::class)(new ItIsTime(Rhythm::EachNight));
        self::assertSame(1, $this->rows('sign_in'), 'yesterday\'s is gone, today\'s is not');
        self::assertSame(1, $this->rows('act'));
        $this->itIs('2026-06-01 03:20');
        self::service(DoUpkeep::class)(new ItIsTime(Rhythm::EachNight));
        self::assertSame([0, 0, 1], [$this->rows('sign_in'), $this->rows('act'), $this->rows('item')]);
    }

    public function testTheConsoleAddsSomebodyWhoCanSignIn(): void
    {
        self::assertSame(0, $this->console('access:add-staff', ['sign-in-name' => 'wren', 'name' => 'Wren Tarn', 'role' => 'cataloguer', 'branch' => 'HOL', '--password' => self::PASSWORD])[0]);
        $this->signIn('wren');
        $me = $this->get('/api/me');
        self::assertSame(['Wren Tarn', 'HOL', 'cataloguer'], [$me['name'], $me['branch'], $me['role']]);
    }

    public function testTheConsoleSaysWhatIsWrong(): void
    {
        $staff = ['sign-in-name' => 'wren', 'name' => 'Wren Tarn', 'role' => 'desk', 'branch' => 'LAN', '--password' => self::PASSWORD];
        self::assertStringContainsString('There is no role "keeper"', $this->console('access:add-staff', ['role' => 'keeper'] + $staff)[1]);
        self::assertStringContainsString('at least 8 characters', $this->console('access:add-staff', ['--password' => 'short'] + $staff)[1]);
        self::assertStringContainsString('There is no branch MOON', $this->console('access:add-staff', ['branch' => 'MOON'] + $staff)[1]);
        self::assertStringContainsString('is taken', $this->console('access:add-staff', ['sign-in-name' => 'desk'] + $staff)[1]);
        self::assertStringContainsString('branches already', $this->console('house:set-up', ['file' => __DIR__.'/../../demo/house.yaml'])[1]);
        self::assertStringContainsString('no format', $this->console('catalogue:export', ['--format' => 'cards'])[1]);
    }

    public function testARecordThatAFormatCannotCarryIsNamedAndTheOthersGoOn(): void
    {
        $long = $this->aRecord('A long one');
        $this->connection()->executeStatement("UPDATE record SET marc = CONCAT(marc, '\n520 ## \$a', REPEAT('x', 10000)) WHERE id = ?", [$long]);
        $this->aRecord('Terns');
        $told = [];
        $bytes = implode('', iterator_to_array(self::service(ExportRecords::class)(ExportFormat::Marc, true, static function (string $sentence) use (&$told): void {
            $told[] = $sentence;
        }), false));
        self::assertSame(1, substr_count($bytes, "\x1D"));
        self::assertCount(1, $told);
        self::assertStringContainsString("Record {$long} was left out. Field 520 has 10005 bytes", $told[0]);
    }

    /**
     * @param array<string, string> $input
     *
     * @return array{int, string} status and what was said
     */
    private function console(string $name, array $input): array
    {
        self::assertNotNull(self::$kernel);
        $tester = new CommandTester((new Application(self::$kernel))->find($name));
        $status = $tester->execute($input, ['capture_stderr_separately' => false]);

        return [$status, preg_replace('/\s+/', ' ', $tester->getDisplay()) ?? ''];
    }
}
