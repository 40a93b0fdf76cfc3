<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api\Description;

use Symfony\Component\DependencyInjection\Attribute\Lazy;
use Twig\Environment;

/**
 * The description of the API as a page to read.
 */
final readonly class ReadableDescription
{
    public function __construct(private ApiDescription $description, #[Lazy] private Environment $twig)
    {
    }

    public function html(): string
    {
        return $this->twig->render('api.html.twig', ['api' => $this->description->toArray()]);
    }
}
