<?php

declare(strict_types=1);

namespace TinLantern\Access\Api;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;
use TinLantern\Platform\Problem\NotSignedIn;

/**
 * A sign-in that has ended is no error of its own: routes open to all still answer, the others say 401.
 */
final class SignInRequired implements AuthenticationFailureHandlerInterface, AuthenticationEntryPointInterface
{
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ('POST' === $request->getMethod() && '/api/sign-in' === $request->getPathInfo()) {
            $request->cookies->remove('tin_lantern');
        }
        throw new NotSignedIn('Your sign-in has ended. Sign in again.');
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        throw new NotSignedIn();
    }
}
