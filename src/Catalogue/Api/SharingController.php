<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Sharing\Harvests;
use TinLantern\Catalogue\Sharing\OaiProvider;
use TinLantern\Catalogue\Sharing\SharingView;
use TinLantern\Catalogue\Sharing\SruServer;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Api\OpenToAll;
use TinLantern\Platform\Permission;

final class SharingController
{
    /** When a union catalogue last harvested us, and what it does not know yet. */
    #[Route('/api/sharing', methods: 'GET')]
    #[Needs(Permission::ViewCatalogue)]
    public function sharing(Harvests $harvests): SharingView
    {
        return $harvests->view();
    }

    /** The catalogue for SRU clients. */
    #[Route('/sru', methods: ['GET', 'POST'])]
    #[OpenToAll('the catalogue is public')]
    public function sru(Request $request, SruServer $server): Response
    {
        return new Response($server->answer($request), 200, ['Content-Type' => 'application/xml; charset=UTF-8']);
    }

    /** The catalogue for OAI-PMH harvesters. */
    #[Route('/oai', methods: ['GET', 'POST'])]
    #[OpenToAll('the catalogue is public')]
    public function oai(Request $request, OaiProvider $provider): Response
    {
        return new Response($provider->answer($request), 200, ['Content-Type' => 'text/xml; charset=UTF-8']);
    }
}
