<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use TinLantern\Platform\Problem\CrossSite;

/**
 * Whatever changes something must come from our own pages, or from a program that says so: a header that no form can send, and
 * an origin that is ours where the browser tells it.
 */
#[AsEventListener(priority: 40)]
final class SameOrigin
{
    public const HEADER = 'X-Tin-Lantern';

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe() || !str_starts_with($request->getPathInfo(), '/api')) {
            return;
        }
        if (!$request->headers->has(self::HEADER) || !self::isOurs($request)) {
            throw new CrossSite();
        }
    }

    private static function isOurs(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');

        return \in_array($site, [null, 'same-origin', 'none'], true)
            && (null === $origin || $origin === $request->getSchemeAndHttpHost());
    }
}
