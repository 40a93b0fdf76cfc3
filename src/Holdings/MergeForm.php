<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Two records of one title: which is kept, and which fields of the other it is given.
 */
final readonly class MergeForm
{
    /**
     * @param string       $id           a UUID of the sender's making: the same act sent twice is done once
     * @param int          $other        id of the record that goes
     * @param int          $version      of the record that is kept, as it was looked at
     * @param int          $otherVersion of the one that goes
     * @param list<string> $fields       fields of the other that are added, as lines of text
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        public int $other = 0,
        public int $version = 0,
        public int $otherVersion = 0,
        #[Assert\All([new Assert\Type('string', message: 'A field is a line of text.')])]
        public array $fields = [],
    ) {
    }
}
