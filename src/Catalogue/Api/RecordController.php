<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Psr\Log\LoggerInterface;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Catalogue\ExportRecords;
use TinLantern\Catalogue\FoundAsTable;
use TinLantern\Catalogue\RecordListView;
use TinLantern\Catalogue\RecordPage;
use TinLantern\Catalogue\RecordQuery;
use TinLantern\Catalogue\RecordView;
use TinLantern\Catalogue\SearchRecords;
use TinLantern\Platform\Api\FileDownload;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\NotFound;

final class RecordController
{
    /** Search the catalogue. */
    #[Route('/api/records', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function search(SearchRecords $search, #[MapQueryString] RecordQuery $query = new RecordQuery()): RecordListView
    {
        return $search($query);
    }

    /** All hits of a search as a file: marc, marcxml, json, dc, mods, ris or csv. */
    #[Route('/api/records/file/{as}', requirements: ['as' => '[a-z0-9]{1,8}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function file(string $as, ExportRecords $export, FoundAsTable $table, LoggerInterface $logger, #[MapQueryString] RecordQuery $query = new RecordQuery()): StreamedResponse
    {
        $format = ExportFormat::tryFrom($as);
        if ('csv' === $as) {
            return FileDownload::of('titles.csv', 'text/csv; charset=UTF-8', $table($query));
        }
        if (null === $format) {
            throw new NotFound('unknown-format', \sprintf('There is no format "%s". There are marc, marcxml, json, dc, mods, ris and csv.', $as));
        }

        return FileDownload::of('titles.'.$format->ending(), $format->mediaType(), $export->found($query, $format, true, static fn (string $sentence) => $logger->warning($sentence)));
    }

    /** One record. */
    #[Route('/api/records/{id}', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function show(int $id, RecordPage $page): RecordView
    {
        return $page->of($id);
    }
}
