<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * The line to an outside engine that speaks SphinxQL, which is MySQL's protocol; opened when it is needed.
 */
final class SphinxConnection
{
    private const WAIT_SECONDS = 5;
    /** The client's own numbers for a server that is not there, or no longer. */
    private const LOST = [2002, 2003, 2006, 2013];

    private ?\PDO $line = null;

    /** @param string $dsn as PDO takes it, such as `mysql:host=127.0.0.1;port=9306` */
    public function __construct(private readonly string $dsn)
    {
    }

    /**
     * @return list<list<list<string>>> the rows of each result
     *
     * @throws SearchIsAway
     */
    public function results(string $sql): array
    {
        return $this->ask(static function (\PDO $line) use ($sql): array {
            $statement = $line->query($sql);
            \assert(false !== $statement);
            $results = [];
            do {
                /** @var list<list<string>> $rows */
                $rows = $statement->fetchAll(\PDO::FETCH_NUM);
                $results[] = $rows;
            } while ($statement->nextRowset());

            return $results;
        });
    }

    /** @throws SearchIsAway */
    public function execute(string $sql): void
    {
        $this->ask(static fn (\PDO $line): int|false => $line->exec($sql));
    }

    /** Text as a part of a statement; the engine takes the escapes of MySQL. */
    public function quote(string $text): string
    {
        return "'".addcslashes($text, "\\'")."'";
    }

    /**
     * A line that was idle may have been closed at the other end: then it is opened once more.
     *
     * @template T
     *
     * @param \Closure(\PDO): T $question
     *
     * @return T
     */
    private function ask(\Closure $question): mixed
    {
        $wasOpen = null !== $this->line;
        try {
            return $this->once($question);
        } catch (SearchIsAway $away) {
            return $wasOpen ? $this->once($question) : throw $away;
        }
    }

    /**
     * @template T
     *
     * @param \Closure(\PDO): T $question
     *
     * @return T
     */
    private function once(\Closure $question): mixed
    {
        try {
            $this->line ??= new \PDO($this->dsn, null, null, [\PDO::ATTR_EMULATE_PREPARES => true, \PDO::ATTR_TIMEOUT => self::WAIT_SECONDS]);

            return $question($this->line);
        } catch (\PDOException $thrown) {
            if (!\in_array($thrown->errorInfo[1] ?? null, self::LOST, true)) {
                throw $thrown;
            }
            $this->line = null;
            throw new SearchIsAway();
        }
    }
}
