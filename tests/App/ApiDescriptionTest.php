<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use TinLantern\Platform\Api\Description\ApiDescription;
use TinLantern\Platform\Background\BackgroundTasks;
use TinLantern\Platform\Background\RunTask;
use TinLantern\Platform\Background\TaskRunner;
use TinLantern\Platform\Json;

/**
 * What the API describes is what it answers.
 */
final class ApiDescriptionTest extends AppTestCase
{
    public function testRealAnswersAreAsDescribed(): void
    {
        $patron = $this->aPatron(more: ['birthDate' => '1990-01-01', 'email' => 'mara@post.vesper.example']);
        $item = $this->anItem(more: ['price' => '12.50', 'acquiredOn' => '2020-01-01']);
        $record = self::number($this->get("/api/items/{$item}"), 'recordId');
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => 'P0000001', 'lane' => 'return'], 200);
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => '300000001', 'lane' => 'lend', 'patron' => $patron], 200);
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => '300000001', 'lane' => 'lend', 'patron' => $patron], 200);
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => '300000001', 'lane' => 'return'], 200);
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => 'nothing', 'lane' => 'look-up'], 200);
        $this->lend($patron, '300000001');
        $intake = $this->anIntake();
        $this->send('PUT', "/api/records/{$record}", ['id' => self::id(), 'version' => 1, 'text' => "LDR 00000nam a2200000 i 4500\n245 10 \$aTides of Farrow"], 200);
        $this->send('POST', '/api/saved-searches', ['id' => self::id(), 'name' => 'Tides', 'question' => 'q=tides'], 200);
        $this->send('POST', '/api/phrases', ['id' => self::id(), 'tag' => '500', 'text' => '$aWith a folded chart'], 200);
        $checked = 0;
        foreach ([
            '/api/me' => '/api/me', '/api/branches' => '/api/branches', '/api/house' => '/api/house', '/api/house-rules' => '/api/house-rules',
            '/api/records' => '/api/records?q=tides', '/api/records/{id}' => "/api/records/{$record}", '/api/records/{recordId}/items' => "/api/records/{$record}/items",
            '/api/items/{id}' => "/api/items/{$item}", '/api/patrons' => '/api/patrons', '/api/patrons/{id}' => "/api/patrons/{$patron}",
            '/api/patrons/{id}/loans' => "/api/patrons/{$patron}/loans", '/api/patrons/{id}/ended-loans' => "/api/patrons/{$patron}/ended-loans",
            '/api/journal-entries' => '/api/journal-entries', '/api/tape' => '/api/tape', '/api/lantern' => '/api/lantern?q=mara',
            '/api/sources' => '/api/sources', '/api/waiting-labels' => '/api/waiting-labels', '/api/label-preview' => '/api/label-preview', '/api/background-tasks' => '/api/background-tasks', '/api/rule-book/{kind}' => '/api/rule-book/match-rule', '/api/intakes' => '/api/intakes', '/api/records/{id}/text' => "/api/records/{$record}/text", '/api/records/{id}/versions' => "/api/records/{$record}/versions",
            '/api/records/{id}/versions/{version}' => "/api/records/{$record}/versions/1", '/api/record-drafts/{recordId}' => '/api/record-drafts/0', '/api/headings' => '/api/headings?kind=n&q=v',
            '/api/headings/around' => '/api/headings/around?q=t', '/api/marc-definitions' => '/api/marc-definitions', '/api/intakes/{id}' => "/api/intakes/{$intake}",
            '/api/intakes/{id}/records' => "/api/intakes/{$intake}/records", '/api/intakes/{id}/records/{place}' => "/api/intakes/{$intake}/records/1",
            '/api/saved-searches' => '/api/saved-searches', '/api/phrases' => '/api/phrases', '/api/shelf' => "/api/shelf?item={$item}", '/api/sharing' => '/api/sharing',
            '/api/lending-decisions' => "/api/lending-decisions?patron={$patron}&barcode=300000001",
        ] as $described => $path) {
            $this->assertDescribed($described, 'get', '200', $path);
            ++$checked;
        }
        self::assertSame($this->numberOfAnswers('get') - 3, $checked, 'every GET but the description itself, files, and what asks the outside world');
        $this->browser->getCookieJar()->clear();
        $this->assertDescribed('/api/tape', 'get', '401', '/api/tape');
    }

    public function testActsAreAnsweredAsDescribed(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $this->assertDescribed('/api/loans', 'post', 'default', '/api/loans', ['id' => self::id(), 'barcode' => '300000001', 'patron' => 0]);
        $this->assertDescribed('/api/loans', 'post', '200', '/api/loans', ['id' => self::id(), 'barcode' => '300000001', 'patron' => $patron]);
        $this->assertDescribed('/api/loans', 'post', 'default', '/api/loans', ['id' => self::id(), 'barcode' => '300000001', 'patron' => $patron]);
        $this->assertDescribed('/api/check-ins', 'post', '200', '/api/check-ins', ['id' => self::id(), 'barcode' => '300000001']);
        $this->assertDescribed('/api/scans', 'post', '200', '/api/scans', ['id' => self::id(), 'code' => '300000001', 'lane' => 'return']);
        $this->assertDescribed('/api/patrons/{id}', 'put', 'default', "/api/patrons/{$patron}", ['id' => self::id(), 'version' => 9, 'familyName' => 'Venn', 'branch' => 'LAN', 'membership' => 'ADULT']);
    }

    public function testTheReadablePageNamesEveryOperation(): void
    {
        $this->browser->request('GET', '/api/docs');
        $page = (string) $this->browser->getResponse()->getContent();
        foreach (array_keys((array) self::service(ApiDescription::class)->toArray()['paths']) as $path) {
            self::assertStringContainsString((string) $path, $page);
        }
    }

    /** @param array<string, mixed>|null $body */
    private function assertDescribed(string $described, string $verb, string $status, string $path, ?array $body = null): void
    {
        $this->send(strtoupper($verb), $path, $body);
        $answer = json_decode((string) $this->browser->getResponse()->getContent(), false, 64, \JSON_THROW_ON_ERROR);
        $description = self::service(ApiDescription::class)->toArray();
        $content = self::at((array) $description['paths'], $described, $verb, 'responses', $status, 'content');
        self::assertIsArray($content);
        $type = '200' === $status ? 'application/json' : 'application/problem+json';
        self::assertStringStartsWith($type, (string) $this->browser->getResponse()->headers->get('Content-Type'));
        $schema = json_decode(Json::encode(['$id' => 'api:/'.md5($described.$verb.$status), 'components' => $description['components']] + (array) self::at($content, $type, 'schema')), false, 64, \JSON_THROW_ON_ERROR);
        self::assertInstanceOf(\stdClass::class, $schema);
        $result = (new Validator())->validate($answer, $schema);
        $error = $result->error();
        self::assertTrue($result->isValid(), $described.': '.(null === $error ? '' : Json::encode((new ErrorFormatter())->format($error))));
    }

    /** How many operations answer with data. */
    private function numberOfAnswers(string $verb): int
    {
        return \count(array_filter(
            (array) self::service(ApiDescription::class)->toArray()['paths'],
            static fn (mixed $operations): bool => \is_array($operations) && isset($operations[$verb]) && !str_contains(Json::encode(self::at($operations, $verb, 'responses')), 'octet-stream'),
        ));
    }

    /** A file that was compared with the catalogue. */
    private function anIntake(): int
    {
        $this->browser->request('POST', '/api/intakes?name=two.csv', [], [], ['HTTP_X_TIN_LANTERN' => '1', 'CONTENT_TYPE' => 'application/octet-stream'], "Title,Year\nTides,2019\n");
        $id = self::number((array) json_decode((string) $this->browser->getResponse()->getContent(), true), 'id');
        $this->send('POST', "/api/intakes/{$id}/comparing", ['id' => self::id()], 200);
        $task = self::service(BackgroundTasks::class)->take();
        self::assertNotNull($task);
        self::service(TaskRunner::class)(new RunTask($task));

        return $id;
    }
}
