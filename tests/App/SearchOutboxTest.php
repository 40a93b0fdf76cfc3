<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Psr\Log\NullLogger;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\Search\DeliverWaitingDocuments;
use TinLantern\Catalogue\Search\SearchDocument;
use TinLantern\Catalogue\Search\SearchIsAway;
use TinLantern\Catalogue\Search\SearchOutbox;
use TinLantern\Catalogue\Search\SphinxConnection;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Marc\LineText;
use TinLantern\Platform\Database\Transaction;

/**
 * With an outside search engine: what is saved is found at once, and nothing is lost while the engine is away.
 */
#[Group('outside-engine')]
final class SearchOutboxTest extends AppTestCase
{
    public function testWhatIsSavedWhileTheEngineIsAwayIsFoundWhenItIsBack(): void
    {
        $away = $this->outboxTo('mysql:unix_socket=/nowhere/search.sock');
        self::service(Transaction::class)->run(fn () => $away->put([$this->document(1, 'Tides of Skellin'), $this->document(2, 'Terns')]));
        self::service(Transaction::class)->run(fn () => $away->put([$this->document(1, 'Weather of Skellin')]));
        self::assertSame(2, $this->rows('search_outbox'), 'both wait, one of them as it was last');
        self::assertSame([], $this->inEngine('skellin'));

        self::service(DeliverWaitingDocuments::class)(new \DateTimeImmutable('2026-03-03'));
        self::assertSame(0, $this->rows('search_outbox'));
        self::assertSame([[1], []], [$this->inEngine('weather'), $this->inEngine('tides')]);
    }

    public function testWhatIsTakenOutWhileTheEngineIsAwayIsGoneWhenItIsBack(): void
    {
        $near = $this->outboxTo((string) getenv('TL_SEARCH_DSN'));
        $near->put([$this->document(1, 'Tides of Skellin'), $this->document(2, 'Terns of Skellin')]);
        self::assertSame([1, 2], $this->inEngine('skellin'));
        $this->outboxTo('mysql:unix_socket=/nowhere/search.sock')->remove([1]);
        self::assertSame([1, 2], $this->inEngine('skellin'));
        $near->deliverAll();
        self::assertSame([2], $this->inEngine('skellin'));
    }

    public function testAnActThatFailsLeavesNothingToDeliver(): void
    {
        $near = $this->outboxTo((string) getenv('TL_SEARCH_DSN'));
        try {
            self::service(Transaction::class)->run(function () use ($near): never {
                $near->put([$this->document(1, 'Tides of Skellin')]);
                throw new \DomainException('The act fails.');
            });
        } catch (\DomainException) {
        }
        self::assertSame([0, []], [$this->rows('search_outbox'), $this->inEngine('skellin')]);
    }

    public function testSearchingSaysThatTheEngineIsAway(): void
    {
        $this->expectException(SearchIsAway::class);
        (new SphinxConnection('mysql:unix_socket=/nowhere/search.sock'))->results('SELECT id FROM records');
    }

    private function outboxTo(string $dsn): SearchOutbox
    {
        return new SearchOutbox($this->connection(), self::service(Transaction::class), new SphinxConnection($dsn), new NullLogger());
    }

    private function document(int $id, string $title): SearchDocument
    {
        $marc = LineText::parse("LDR 00000nam a2200000 i 4500\n245 10 \$a{$title}");

        return SearchDocument::of($id, DescribedRecord::of($marc), [], Day::of('2026-03-03'));
    }

    /** @return list<int> */
    private function inEngine(string $word): array
    {
        return array_map(static fn (array $row): int => (int) $row[0], self::service(SphinxConnection::class)->results("SELECT id FROM records WHERE MATCH('{$word}') ORDER BY id ASC")[0]);
    }
}
