<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * One heading that is to become another, with their subfields, as in `$aVenn, Mara`.
 */
final readonly class HeadingChange
{
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\Choice(choices: ['n', 's', 'g', 't'], message: 'The kind of a heading is n, s, g or t.')]
        public string $kind = 'n',
        #[Assert\NotBlank(message: 'Say which heading.')]
        #[Assert\Length(max: 600, maxMessage: 'A heading has at most {{ limit }} characters.')]
        public string $from = '',
        #[Assert\NotBlank(message: 'Say what the heading is to become.')]
        #[Assert\Length(max: 600, maxMessage: 'A heading has at most {{ limit }} characters.')]
        public string $to = '',
    ) {
    }
}
