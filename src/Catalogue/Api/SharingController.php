<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Api;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Catalogue\Sharing\OaiProvider;
use TinLantern\Catalogue\Sharing\SruServer;
use TinLantern\Platform\Api\OpenToAll;

final class SharingController
{
    /** The catalogue for SRU clients. */
    #[Route('/sru', methods: 'GET')]
    #[OpenToAll('the catalogue is public')]
    public function sru(Request $request, SruServer $server): Response
    {
        return new Response($server->answer($request), 200, ['Content-Type' => 'application/xml; charset=UTF-8']);
    }

    /** The catalogue for OAI-PMH harvesters. */
    #[Route('/oai', methods: ['GET', 'POST'])]
    #[OpenToAll('the catalogue is public')]
    public function oai(Request $request, OaiProvider $provider, Connection $connection, ClockInterface $clock): Response
    {
        $answer = $provider->answer($request);
        if (\in_array($request->get('verb'), ['ListRecords', 'ListIdentifiers'], true)) {
            $connection->executeStatement("REPLACE INTO house_state (name, value) VALUES ('harvested-at', ?)", [$clock->now()->format(\DATE_ATOM)]);
        }

        return new Response($answer, 200, ['Content-Type' => 'text/xml; charset=UTF-8']);
    }
}
