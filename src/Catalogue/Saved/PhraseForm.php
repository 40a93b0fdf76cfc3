<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Saved;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class PhraseForm
{
    /**
     * @param string $id   a UUID of the sender's making: the same form sent twice is saved once
     * @param string $tag  of the field that it is for
     * @param string $text subfields as in `$aCommittee of the Harbour,$eeditor.`
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\Regex(pattern: '/^[0-9A-Za-z]{3}$/', message: 'A tag has three characters.')]
        public string $tag = '',
        #[Assert\NotBlank(message: 'There is no text to keep.', normalizer: 'trim')]
        #[Assert\Length(max: 1000, maxMessage: 'A phrase has at most 1,000 characters.')]
        public string $text = '',
    ) {
    }
}
