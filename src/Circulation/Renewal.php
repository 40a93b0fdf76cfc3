<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Lend it for longer.
 */
final readonly class Renewal
{
    /**
     * @param string      $id       a UUID of the desk's making: the same act sent twice is done once
     * @param string|null $override why what stands in the way is overridden
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\Length(max: 400, maxMessage: 'A reason has at most 400 characters.')]
        public ?string $override = null,
    ) {
    }
}
