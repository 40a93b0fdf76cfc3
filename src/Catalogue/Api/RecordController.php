<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\RecordListView;
use TinLantern\Catalogue\RecordPage;
use TinLantern\Catalogue\RecordQuery;
use TinLantern\Catalogue\RecordView;
use TinLantern\Catalogue\SearchRecords;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class RecordController
{
    /** Search the catalogue. */
    #[Route('/api/records', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function search(SearchRecords $search, #[MapQueryString] RecordQuery $query = new RecordQuery()): RecordListView
    {
        return $search($query);
    }

    /** One record. */
    #[Route('/api/records/{id}', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function show(int $id, RecordPage $page): RecordView
    {
        return $page->of($id);
    }
}
