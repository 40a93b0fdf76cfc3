<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class RuleForm
{
    /**
     * @param int                  $version the one the change began from; 0 for one that is as Tin Lantern brought it, or new
     * @param array<string, mixed> $content
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\NotBlank(message: 'Give it a name.', normalizer: 'trim')]
        #[Assert\Length(max: 190, maxMessage: 'A name has at most {{ limit }} characters.')]
        public string $name = '',
        public int $version = 0,
        #[Assert\Range(notInRangeMessage: 'A position is from 0 to 1000000.', min: 0, max: 1_000_000)]
        public ?int $position = null,
        public array $content = [],
    ) {
    }
}
