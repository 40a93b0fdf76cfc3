<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * A record as it was entered.
 */
final readonly class RecordForm
{
    /**
     * @param int|null $version   the one the change began from; null for a new record
     * @param string   $text      the record in the canonical text form
     * @param string   $worksheet code of a worksheet, whose required fields must be there; empty for none
     * @param bool     $keepBoth  save it although a record of the same title is there
     * @param string   $cause     edited, or overlaid with a record from elsewhere
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        public ?int $version = null,
        #[Assert\NotBlank(message: 'The record is empty.')]
        #[Assert\Length(max: 1_000_000, maxMessage: 'A record has at most {{ limit }} characters.')]
        public string $text = '',
        public string $worksheet = '',
        public bool $keepBoth = false,
        #[Assert\Choice(choices: ['edited', 'overlaid'], message: 'The cause is edited or overlaid.')]
        public string $cause = 'edited',
    ) {
    }
}
