<?php

declare(strict_types=1);

namespace TinLantern\Access\Api;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Access\SignIn;
use TinLantern\Access\SignInRequest;
use TinLantern\Access\SignOut;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Answers;
use TinLantern\Platform\Api\OpenToAll;
use TinLantern\Platform\Api\SignedIn;
use TinLantern\Platform\Json;

final class SignInController
{
    /** Sign in at a desk. */
    #[Route('/api/sign-in', methods: 'POST')]
    #[OpenToAll('how else would one sign in?')]
    #[Answers(SignInView::class)]
    public function signIn(#[MapRequestPayload] SignInRequest $signIn, Request $request, SignIn $act): Response
    {
        $token = $act($signIn, (string) $request->getClientIp());
        $response = new JsonResponse(Json::encode(new SignInView(true)), 200, ['Cache-Control' => 'no-store'], true);
        $response->headers->setCookie(SignInCookie::holding($token, $request));

        return $response;
    }

    /** Sign out. */
    #[Route('/api/sign-in', methods: 'DELETE')]
    #[OpenToAll('signing out twice is no error')]
    public function signOut(Request $request, SignOut $act): Response
    {
        $act(SignInCookie::in($request) ?? '');
        $response = new Response('', Response::HTTP_NO_CONTENT);
        $response->headers->setCookie(SignInCookie::cleared());

        return $response;
    }

    /** Who is signed in, where, and what they may do. */
    #[Route('/api/me', methods: 'GET')]
    #[SignedIn]
    public function me(Actor $actor): MeView
    {
        return MeView::of($actor);
    }
}
