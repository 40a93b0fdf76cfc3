<?php

declare(strict_types=1);

namespace TinLantern\Access\Api;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Security\Http\AccessToken\AccessTokenExtractorInterface;
use TinLantern\Access\SignIn;
use TinLantern\Platform\Api\OpenToAll;

/**
 * The cookie that carries a sign-in: for this origin only, out of reach of scripts.
 */
final class SignInCookie implements AccessTokenExtractorInterface
{
    private const NAME = 'tin_lantern';

    public function extractAccessToken(Request $request): ?string
    {
        if (self::isOpenToAll($request->attributes->getString('_controller'))) {
            return null;
        }

        return self::in($request);
    }

    public static function in(Request $request): ?string
    {
        $token = $request->cookies->get(self::NAME);

        return \is_string($token) && 1 === preg_match('/^[0-9a-f]{64}$/', $token) ? $token : null;
    }

    public static function holding(string $token, Request $request): Cookie
    {
        return Cookie::create(self::NAME, $token, time() + SignIn::HOURS * 3600, '/', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }

    public static function cleared(): Cookie
    {
        return Cookie::create(self::NAME, null, 1, '/', null, false, true, false, Cookie::SAMESITE_STRICT);
    }

    /** Where nobody has to be signed in, a sign-in that has ended must not stand in the way: least of all where one signs in again. */
    private static function isOpenToAll(string $controller): bool
    {
        return \is_callable($controller, true) && str_contains($controller, '::') && [] !== (new \ReflectionMethod($controller))->getAttributes(OpenToAll::class);
    }
}
