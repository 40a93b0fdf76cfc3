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
 * Whoever comes with a sign-in that has ended, or with none, is asked to sign in. Routes open to all look at no sign-in.
 */
final class SignInRequired implements AuthenticationFailureHandlerInterface, AuthenticationEntryPointInterface
{
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        throw new NotSignedIn('Your sign-in has ended. Sign in again.');
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        throw new NotSignedIn();
    }
}
