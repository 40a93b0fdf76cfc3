<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Puts an entry that was struck out back into the rule book.
 */
final readonly class RuleRemovalReversal implements Reversal
{
    public function __construct(private RuleBook $book, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'rule-removed';
    }

    public static function needs(): Permission
    {
        return Permission::EditHouseRules;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $kind = $entry->textBefore('kind');
        $struck = Rule::ofTold($entry->before);
        if (null !== $this->book->lock($kind, $struck->code)) {
            throw new Conflict('newer-in-the-way', 'There is an entry under this code again, so it stays as it is.');
        }
        0 === $struck->version ? $this->book->forget($kind, $struck->code) : $this->book->write($kind, $struck, 0);

        return $this->journal->tell($actor, 'rule-removal-taken-back', $entry->subject, $entry->subjectId, null, $struck->told($kind));
    }
}
