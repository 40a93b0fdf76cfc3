<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class VersionChoice
{
    /**
     * @param int $version the one that is there now
     * @param int $to      the earlier one
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        public int $version = 0,
        public int $to = 0,
    ) {
    }
}
