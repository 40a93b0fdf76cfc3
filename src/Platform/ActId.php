<?php

declare(strict_types=1);

namespace TinLantern\Platform;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * An act that says nothing but its id.
 */
final readonly class ActId
{
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
    ) {
    }
}
