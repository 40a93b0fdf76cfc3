<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Symfony\Bundle\FrameworkBundle\Controller\RedirectController;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Problem\NotSignedIn;

/**
 * Lets a request through to its route only with what the route names. A route that names nothing is closed.
 */
#[AsEventListener]
final readonly class Doorkeeper
{
    public function __construct(private TokenStorageInterface $tokens)
    {
    }

    public function __invoke(ControllerEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api') || [] !== $event->getAttributes(OpenToAll::class)) {
            return;
        }
        if ($event->getController() instanceof RedirectController || \is_array($event->getController()) && $event->getController()[0] instanceof RedirectController) {
            // Only sends on to the same address without its last slash, where the door is kept.
            return;
        }
        $actor = $this->tokens->getToken()?->getUser();
        if (!$actor instanceof Actor) {
            throw new NotSignedIn();
        }
        $needs = $event->getAttributes(Needs::class);
        if ([] === $needs && [] === $event->getAttributes(SignedIn::class)) {
            throw new \LogicException(\sprintf('The route %s names no permission.', $event->getRequest()->attributes->getString('_route')));
        }
        foreach ($needs as $need) {
            $actor->orRefuse($need->permission);
        }
    }
}
