<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Problem\NotSignedIn;

/**
 * Gives a controller the person who is acting.
 */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 120])]
final readonly class ActorArgument implements ValueResolverInterface
{
    public function __construct(private TokenStorageInterface $tokens)
    {
    }

    /** @return iterable<Actor> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (Actor::class !== $argument->getType()) {
            return [];
        }
        $actor = $this->tokens->getToken()?->getUser();

        return [$actor instanceof Actor ? $actor : throw new NotSignedIn()];
    }
}
