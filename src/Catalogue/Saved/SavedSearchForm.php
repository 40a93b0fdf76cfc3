<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Saved;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class SavedSearchForm
{
    /**
     * @param string $id       a UUID of the sender's making: the same form sent twice is saved once
     * @param string $question what the address of the list says, such as `q=tides&sort=title`
     * @param bool   $isShared whether everybody sees it
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\NotBlank(message: 'Give the search a name.', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A name has at most 120 characters.')]
        public string $name = '',
        #[Assert\Length(max: 1000, maxMessage: 'This search is too long to be saved.')]
        public string $question = '',
        public bool $isShared = false,
    ) {
    }
}
