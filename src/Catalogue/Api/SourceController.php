<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Sources\AskSource;
use TinLantern\Catalogue\Sources\PreviewTakeOver;
use TinLantern\Catalogue\Sources\SourceHitsView;
use TinLantern\Catalogue\Sources\Sources;
use TinLantern\Catalogue\Sources\SourceView;
use TinLantern\Catalogue\Sources\TakeOver;
use TinLantern\Catalogue\Sources\TakeOverView;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class SourceController
{
    /**
     * The outside catalogues that can be asked.
     *
     * @return list<SourceView>
     */
    #[Route('/api/sources', methods: 'GET')]
    #[Needs(Permission::EditRecords)]
    public function list(Sources $sources): array
    {
        return $sources->listed();
    }

    /** Ask one outside catalogue, by isbn, title, author or number. Ask several at the same time, each alone. */
    #[Route('/api/sources/{code}/hits', requirements: ['code' => '[A-Za-z0-9-]{1,60}'], methods: 'GET')]
    #[Needs(Permission::EditRecords)]
    public function hits(string $code, AskSource $ask, #[MapQueryParameter] string $by = 'isbn', #[MapQueryParameter] string $q = '', #[MapQueryParameter] int $after = 0): SourceHitsView
    {
        return $ask($code, $by, $q, $after);
    }

    /** What a fetched record becomes when it is tidied and taken over. Nothing is saved. */
    #[Route('/api/take-over-previews', methods: 'POST')]
    #[Needs(Permission::EditRecords)]
    public function preview(#[MapRequestPayload] TakeOver $asked, PreviewTakeOver $preview): TakeOverView
    {
        return $preview($asked);
    }
}
