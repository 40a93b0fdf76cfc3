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
 * Gives an entry of the rule book back what it said before; one that was new is struck out.
 */
final readonly class RuleChangeReversal implements Reversal
{
    public function __construct(private RuleBook $book, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'rule-changed';
    }

    public static function needs(): Permission
    {
        return Permission::EditHouseRules;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $kind = $entry->textAfter('kind');
        $made = Rule::ofTold($entry->after);
        $now = $this->book->lock($kind, $made->code);
        if (null === $now || !$now->says($made)) {
            throw new Conflict('newer-in-the-way', 'This entry was changed or struck out since, so it stays as it is.');
        }
        $before = [] === $entry->before ? null : Rule::ofTold($entry->before);
        match (true) {
            null === $before => $this->book->strikeOut($kind, $now),
            0 === $before->version => $this->book->forget($kind, $before->code),
            default => $this->book->write($kind, new Rule($before->code, $before->name, $before->position, $now->version + 1, $before->content), $now->version),
        };

        return $this->journal->tell($actor, 'rule-change-taken-back', $entry->subject, $entry->subjectId, $now->told($kind), $before?->told($kind));
    }
}
