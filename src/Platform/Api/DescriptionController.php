<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Platform\Api\Description\ApiDescription;
use TinLantern\Platform\Api\Description\ReadableDescription;
use TinLantern\Platform\Json;

final class DescriptionController
{
    /** This description, as OpenAPI 3.1. */
    #[Route('/api/openapi.json', methods: 'GET')]
    #[OpenToAll('it tells nothing that the interface does not')]
    #[Answers(\stdClass::class)]
    public function openApi(ApiDescription $description): Response
    {
        return new JsonResponse(Json::encode($description->toArray()), 200, ['Cache-Control' => 'no-cache'], true);
    }

    /** This description, as a page to read. */
    #[Route('/api/docs', methods: 'GET')]
    #[OpenToAll('it tells nothing that the interface does not')]
    #[Answers(\stdClass::class)]
    public function docs(ReadableDescription $page): Response
    {
        return new Response($page->html(), 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Cache-Control' => 'no-cache',
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'; frame-ancestors 'none'",
        ]);
    }
}
