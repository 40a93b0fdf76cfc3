<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Access\AddStaff;
use TinLantern\Access\Role;
use TinLantern\Platform\Api\Description\ApiDescription;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Api\OpenToAll;
use TinLantern\Platform\Api\SignedIn;
use TinLantern\Platform\Permission;

final class AccessTest extends AppTestCase
{
    private const OPEN = ['GET /api/branches', 'GET /api/openapi.json', 'GET /api/docs', 'POST /api/sign-in', 'DELETE /api/sign-in'];

    public function testASignInThatHasEndedDoesNotStandInTheWayOfTheNext(): void
    {
        $this->connection()->executeStatement('DELETE FROM sign_in');
        $this->send('GET', '/api/me', null, 401);
        $this->send('GET', '/api/branches', null, 200);
        $this->send('POST', '/api/sign-in', ['name' => 'desk', 'password' => self::PASSWORD], 200);
        self::assertSame('Desk', $this->get('/api/me')['name']);
    }

    public function testNoRouteIsOpenByMistake(): void
    {
        $this->browser->getCookieJar()->clear();
        $open = [];
        foreach ($this->routes() as [$verb, $path]) {
            $this->send($verb, $path, 'GET' === $verb ? null : []);
            if (401 !== $this->browser->getResponse()->getStatusCode()) {
                $open[] = "{$verb} {$path}";
            }
        }
        self::assertEqualsCanonicalizing(self::OPEN, $open);
    }

    public function testEveryRouteWantsThePermissionItNames(): void
    {
        $this->connection()->executeStatement("DELETE p FROM role_permission p JOIN role r ON r.id = p.role_id WHERE r.code = 'desk'");
        $this->signIn('desk');
        $wanted = 0;
        foreach ($this->routes() as [$verb, $path, $permission]) {
            if (null === $permission) {
                continue;
            }
            $problem = $this->send($verb, $path, 'GET' === $verb ? null : []);
            self::assertSame(403, $this->browser->getResponse()->getStatusCode(), "{$verb} {$path}");
            self::assertSame($permission->value, $problem['permission']);
            ++$wanted;
        }
        self::assertGreaterThan(15, $wanted);
    }

    public function testAWrongPasswordIsRefusedAndManyAreSlowedDown(): void
    {
        $name = 'keeper'.bin2hex(random_bytes(4));
        self::service(AddStaff::class)($name, 'Keeper', 'right-password', Role::Desk, 'LAN');
        $this->browser->getCookieJar()->clear();
        for ($try = 1; $try <= 8; ++$try) {
            self::assertSame('wrong-password', $this->send('POST', '/api/sign-in', ['name' => $name, 'password' => 'guess'], 401)['code']);
        }
        $this->send('POST', '/api/sign-in', ['name' => $name, 'password' => 'right-password'], 429);
    }

    public function testWhoHasLeftCannotSignInAndIsOutAtOnce(): void
    {
        $this->signIn('desk');
        $this->connection()->executeStatement("UPDATE staff SET is_active = 0 WHERE sign_in_name = 'desk'");
        $this->send('GET', '/api/me', null, 401);
        $this->browser->getCookieJar()->clear();
        $this->send('POST', '/api/sign-in', ['name' => 'desk', 'password' => self::PASSWORD], 401);
    }

    public function testASignInEndsWhenSignedOutAndAfterTheDay(): void
    {
        $this->signIn('desk');
        self::assertSame('desk', $this->get('/api/me')['role']);
        $this->itIs('2026-03-04 00:01');
        $this->send('GET', '/api/me', null, 401);
        $this->signIn('desk');
        $cookie = $this->cookie();
        $this->send('DELETE', '/api/sign-in', null, 204);
        $this->browser->getCookieJar()->set($cookie);
        $this->send('GET', '/api/me', null, 401);
    }

    public function testTheCookieIsOutOfReachOfScriptsAndOtherSites(): void
    {
        self::assertTrue($this->cookie()->isHttpOnly());
        self::assertSame('strict', $this->cookie()->getSameSite());
        $stored = $this->connection()->fetchFirstColumn('SELECT HEX(token_hash) FROM sign_in');
        self::assertNotContains(strtoupper($this->cookie()->getValue()), $stored);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function foreignRequests(): iterable
    {
        yield 'without our header' => [[]];
        yield 'from another site' => [['HTTP_X_TIN_LANTERN' => '1', 'HTTP_SEC_FETCH_SITE' => 'cross-site']];
        yield 'from another origin' => [['HTTP_X_TIN_LANTERN' => '1', 'HTTP_ORIGIN' => 'http://elsewhere.example']];
    }

    /** @param array<string, string> $headers */
    #[DataProvider('foreignRequests')]
    public function testAnotherSiteCannotActForSomebodySignedIn(array $headers): void
    {
        $this->anItem();
        $this->browser->request('POST', '/api/check-ins', [], [], $headers + ['CONTENT_TYPE' => 'application/json'], '{"id":"'.self::id().'","barcode":"300000001"}');
        self::assertSame(403, $this->browser->getResponse()->getStatusCode());
        self::assertSame(0, $this->rows("journal_entry WHERE act = 'item-returned'"));
    }

    public function testAnAddressWithASlashTooManyLeadsToTheRightOne(): void
    {
        $this->browser->request('GET', '/api/patrons/?q=venn');
        self::assertSame('http://localhost/api/patrons?q=venn', $this->browser->getResponse()->headers->get('Location'));
        $this->browser->getCookieJar()->clear();
        $this->browser->followRedirect();
        self::assertSame(401, $this->browser->getResponse()->getStatusCode());
    }

    /** @return iterable<string, array{string, string}> */
    public static function oddBodies(): iterable
    {
        yield 'no JSON' => ['this is no JSON', 'could not be read'];
        yield 'a list' => ['[1,2]', 'Send an id'];
        yield 'wrong types' => ['{"id":7,"barcode":{},"patron":"x"}', ''];
        yield 'nothing' => ['', ''];
        yield 'deep nesting' => [str_repeat('[', 600).str_repeat(']', 600), ''];
    }

    #[DataProvider('oddBodies')]
    public function testAnOddBodyIsAnsweredWithASentence(string $body, string $sentence): void
    {
        $this->browser->request('POST', '/api/loans', [], [], ['HTTP_X_TIN_LANTERN' => '1', 'CONTENT_TYPE' => 'application/json'], $body);
        $response = $this->browser->getResponse();
        self::assertContains($response->getStatusCode(), [400, 422], (string) $response->getContent());
        self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
        self::assertStringContainsString($sentence, (string) $response->getContent());
    }

    /** @return iterable<array{string, string, Permission|null}> verb, path with numbers filled in, permission */
    private function routes(): iterable
    {
        foreach (self::service(ApiDescription::class)->routes() as $route) {
            $controller = $route->getDefault('_controller');
            self::assertIsString($controller);
            [$class, $name] = explode('::', $controller);
            $method = new \ReflectionMethod($class, $name);
            $needs = $method->getAttributes(Needs::class)[0] ?? null;
            self::assertCount(1, [...$method->getAttributes(Needs::class), ...$method->getAttributes(OpenToAll::class), ...$method->getAttributes(SignedIn::class)], $controller);
            $path = str_replace('{id}', str_contains($route->getPath(), 'tape') ? self::id() : '1', $route->getPath());
            $path = preg_replace('/\{\w+\}/', '1', $path) ?? $path;
            foreach ($route->getMethods() as $verb) {
                yield [$verb, $path, $needs?->newInstance()->permission];
            }
        }
    }
}
