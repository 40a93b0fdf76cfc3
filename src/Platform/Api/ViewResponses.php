<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ViewEvent;
use TinLantern\Platform\Json;

/**
 * A controller answers a view; here it becomes JSON. Nothing to say is 204.
 */
#[AsEventListener]
final class ViewResponses
{
    public function __invoke(ViewEvent $event): void
    {
        $view = $event->getControllerResult();
        $event->setResponse(null === $view
            ? new Response('', Response::HTTP_NO_CONTENT, ['Cache-Control' => 'no-store'])
            : new JsonResponse(Json::encode($view), 200, ['Cache-Control' => 'no-store'], true));
    }
}
