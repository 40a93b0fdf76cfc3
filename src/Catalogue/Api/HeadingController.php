<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Headings\BrowseHeadings;
use TinLantern\Catalogue\Headings\ChangeHeading;
use TinLantern\Catalogue\Headings\HeadingChange;
use TinLantern\Catalogue\Headings\HeadingChangeView;
use TinLantern\Catalogue\Headings\HeadingListView;
use TinLantern\Catalogue\Headings\HeadingQuery;
use TinLantern\Catalogue\Headings\Headings;
use TinLantern\Catalogue\Headings\HeadingView;
use TinLantern\Core\Marc\Heading;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Invalid;

final class HeadingController
{
    /**
     * The headings of the own catalogue that begin with what is typed: kind n (names), s (subjects), g (genres) or t (series).
     *
     * @return list<HeadingView>
     */
    #[Route('/api/headings', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function beginningWith(Headings $headings, #[MapQueryParameter] string $kind = 'n', #[MapQueryParameter] string $q = ''): array
    {
        return $headings->beginningWith(self::known($kind), $q);
    }

    /** Along the list of headings, from a place in it. */
    #[Route('/api/headings/around', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function around(BrowseHeadings $browse, #[MapQueryString] HeadingQuery $query = new HeadingQuery()): HeadingListView
    {
        return $browse($query);
    }

    private static function known(string $kind): string
    {
        return \in_array($kind, Heading::KINDS, true) ? $kind : throw new Invalid(['kind' => 'The kind of a heading is n, s, g or t.']);
    }

    /** What changing a heading everywhere would change. */
    #[Route('/api/heading-previews', methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function preview(#[MapRequestPayload] HeadingChange $change, ChangeHeading $changeHeading): HeadingChangeView
    {
        return $changeHeading->preview($change);
    }

    /** Change a heading in every record that has it. */
    #[Route('/api/heading-changes', methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function change(#[MapRequestPayload] HeadingChange $change, ChangeHeading $changeHeading, Actor $actor): HeadingChangeView
    {
        return $changeHeading($change, $actor);
    }
}
