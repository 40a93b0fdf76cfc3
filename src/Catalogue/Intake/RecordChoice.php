<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class RecordChoice
{
    /** @param string|null $choice null for what is chosen for the file */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\Choice(choices: ['replace', 'merge', 'items', 'keep', 'skip', 'add'], message: 'Choose one of: replace, merge, items, keep, skip, add.')]
        public ?string $choice = null,
    ) {
    }
}
