<?php

declare(strict_types=1);

namespace TinLantern\Journal\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Journal\JournalList;
use TinLantern\Journal\JournalListView;
use TinLantern\Journal\JournalQuery;
use TinLantern\Journal\TakeBack;
use TinLantern\Journal\TakenBackView;
use TinLantern\Platform\ActId;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Api\SignedIn;
use TinLantern\Platform\Permission;

final class JournalController
{
    /** Who did what, newest first. */
    #[Route('/api/journal-entries', methods: 'GET')]
    #[Needs(Permission::ViewJournal)]
    public function list(JournalList $list, Actor $actor, #[MapQueryString] JournalQuery $query = new JournalQuery()): JournalListView
    {
        return $list($query, $actor);
    }

    /** Take back an act; each kind of act needs its own permission. */
    #[Route('/api/journal-entries/{entry}/take-back', requirements: ['entry' => '\d{1,18}'], methods: 'POST')]
    #[SignedIn]
    public function takeBack(int $entry, #[MapRequestPayload] ActId $request, Actor $actor, TakeBack $takeBack): TakenBackView
    {
        return $takeBack($entry, $request, $actor);
    }
}
