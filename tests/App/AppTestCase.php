<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Uid\Uuid;
use TinLantern\Access\AddStaff;
use TinLantern\Access\Role;
use TinLantern\Catalogue\Search\SphinxConnection;
use TinLantern\House\HouseDefinition;
use TinLantern\House\SetUpHouse;

/**
 * Through HTTP on a real MariaDB: every test begins with an empty, small house on Tuesday 3 March 2026, ten o'clock.
 */
abstract class AppTestCase extends WebTestCase
{
    protected const PASSWORD = 'lamp-and-anchor';
    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        $this->emptyDatabase();
        self::service(SetUpHouse::class)(new HouseDefinition(self::house()));
        foreach (Role::cases() as $role) {
            self::service(AddStaff::class)($role->value, $role->title(), self::PASSWORD, $role, 'LAN');
        }
        $this->signIn('administrator');
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected static function service(string $class): object
    {
        $service = self::getContainer()->get($class);
        self::assertInstanceOf($class, $service);

        return $service;
    }

    protected function connection(): Connection
    {
        return self::service(Connection::class);
    }

    protected function itIs(string $when): void
    {
        self::service(MockClock::class)->modify($when.' UTC');
    }

    protected function signIn(string $name, ?string $branch = null): void
    {
        $this->browser->getCookieJar()->clear();
        $this->send('POST', '/api/sign-in', ['name' => $name, 'password' => self::PASSWORD] + (null === $branch ? [] : ['branch' => $branch]), 200);
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<array-key, mixed>
     */
    protected function send(string $method, string $path, ?array $body = null, ?int $expect = null): array
    {
        $this->browser->request($method, $path, [], [], ['HTTP_X_TIN_LANTERN' => '1', 'CONTENT_TYPE' => 'application/json'], null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR));
        $content = (string) $this->browser->getResponse()->getContent();
        if (null !== $expect) {
            self::assertSame($expect, $this->browser->getResponse()->getStatusCode(), $content);
        }
        $decoded = '' === $content ? [] : json_decode($content, true);

        return \is_array($decoded) ? $decoded : [];
    }

    /** @return array<array-key, mixed> */
    protected function get(string $path): array
    {
        return $this->send('GET', $path, null, 200);
    }

    protected static function id(): string
    {
        return Uuid::v4()->toRfc4122();
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return int the patron's id
     */
    protected function aPatron(string $card = 'P0000001', array $more = []): int
    {
        $patron = $this->send('POST', '/api/patrons', $more + ['id' => self::id(), 'cardNumber' => $card, 'familyName' => 'Venn', 'givenName' => 'Mara', 'branch' => 'LAN', 'membership' => 'ADULT'], 200);

        return self::number($patron, 'id');
    }

    /** @return int a record's id */
    protected function aRecord(string $title = 'Tides of Skellin'): int
    {
        $this->connection()->insert('record', [
            'marc' => "LDR 00000nam a2200000 i 4500\n245 10 \$a{$title}", 'title' => $title, 'title_key' => strtolower($title), 'author' => '', 'edition' => '', 'published' => '',
            'extent' => '', 'language' => 'eng', 'format' => 'book', 'control_number' => '', 'created_at' => '2026-01-01', 'changed_at' => '2026-01-01', 'shared_at' => '2026-01-01',
        ]);

        return (int) $this->connection()->lastInsertId();
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return int the item's id
     */
    protected function anItem(string $barcode = '300000001', array $more = []): int
    {
        return self::number($this->send('POST', '/api/records/'.$this->aRecord().'/items', $more + $this->itemForm($barcode), 200), 'id');
    }

    /** @return array<string, mixed> */
    protected function itemForm(string $barcode): array
    {
        return ['id' => self::id(), 'barcode' => $barcode, 'branch' => 'LAN', 'location' => 'ADULT', 'lendingClass' => 'BOOK', 'callNumber' => '551.46 VEN'];
    }

    /** @return array<array-key, mixed> */
    protected function lend(int $patron, string $barcode, ?string $id = null, int $expect = 200, ?string $override = null): array
    {
        return $this->send('POST', '/api/loans', ['id' => $id ?? self::id(), 'barcode' => $barcode, 'patron' => $patron, 'override' => $override], $expect);
    }

    /** @return array<array-key, mixed> */
    protected function checkIn(string $barcode, ?string $id = null): array
    {
        return $this->send('POST', '/api/check-ins', ['id' => $id ?? self::id(), 'barcode' => $barcode], 200);
    }

    /** @param array<array-key, mixed> $view */
    protected static function number(array $view, string $name): int
    {
        self::assertIsInt($view[$name] ?? null);

        return $view[$name];
    }

    /**
     * What stands at a path of keys in an answer.
     *
     * @param array<array-key, mixed> $view
     */
    protected static function at(array $view, string|int ...$path): mixed
    {
        $value = $view;
        foreach ($path as $key) {
            self::assertIsArray($value);
            self::assertArrayHasKey($key, $value);
            $value = $value[$key];
        }

        return $value;
    }

    /**
     * @param array<array-key, mixed> $view
     *
     * @return list<mixed>
     */
    protected static function column(array $view, string $name): array
    {
        return array_column(array_filter($view, \is_array(...)), $name);
    }

    protected function rows(string $table): int
    {
        $count = $this->connection()->fetchOne("SELECT COUNT(*) FROM {$table}");

        return is_numeric($count) ? (int) $count : -1;
    }

    protected function cookie(): Cookie
    {
        $cookies = $this->browser->getCookieJar()->all();
        self::assertCount(1, $cookies);

        return $cookies[0];
    }

    private function emptyDatabase(): void
    {
        $connection = $this->connection();
        $connection->executeStatement('SET foreign_key_checks = 0');
        $tables = $connection->fetchFirstColumn("SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name <> 'migration'");
        foreach ($tables as $table) {
            self::assertIsString($table);
            $connection->executeStatement("DELETE FROM {$table}");
        }
        $connection->executeStatement('SET foreign_key_checks = 1');
        if ('' !== getenv('TL_SEARCH_DSN') && false !== getenv('TL_SEARCH_DSN')) {
            self::service(SphinxConnection::class)->execute('TRUNCATE RTINDEX records');
        }
    }

    /** @return array<string, mixed> */
    private static function house(): array
    {
        $daily = array_fill(1, 6, '09:00-18:00');

        return [
            'branches' => [['code' => 'LAN', 'name' => 'Lantern House', 'openings' => $daily], ['code' => 'HOL', 'name' => 'Hollow Hill', 'openings' => $daily]],
            'collections' => [['code' => 'GEN', 'name' => 'General', 'scheme' => 'dewey', 'locations' => [['code' => 'ADULT', 'name' => 'Main shelves'], ['code' => 'CHILD', 'name' => 'Children']]]],
            'lendingClasses' => [['code' => 'BOOK', 'name' => 'Book'], ['code' => 'REF', 'name' => 'Reference', 'reference' => true], ['code' => 'FILM', 'name' => 'Film']],
            'memberships' => [['code' => 'ADULT', 'name' => 'Adult', 'months' => 12, 'loanLimit' => 3, 'overdueLimit' => 2]],
            'loanRules' => [['days' => 14, 'renewals' => 1], ['lendingClass' => 'FILM', 'days' => 7, 'renewals' => 0]],
        ];
    }
}
