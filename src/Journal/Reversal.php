<?php

declare(strict_types=1);

namespace TinLantern\Journal;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;

/**
 * Knows how to take back one kind of act. Each area has its own.
 */
#[AutoconfigureTag]
interface Reversal
{
    /** The act it takes back, as the journal names it. */
    public static function act(): string;

    /** What one has to be permitted to take it back. */
    public static function needs(): Permission;

    /**
     * Puts back what the entry says was there before, or says what newer thing stands in the way.
     *
     * @return int the number of the journal entry that tells of the taking back
     *
     * @throws \TinLantern\Platform\Problem\Problem
     */
    public function takeBack(JournalEntry $entry, Actor $actor): int;
}
