<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * A code that a scanner has read, and the lane that was lit.
 */
final readonly class Scan
{
    /**
     * @param string      $id       a UUID of the desk's making: the same scan sent twice is taken once
     * @param string      $lane     lend, return or look-up
     * @param int|null    $patron   whose panel is open, in the lane lend
     * @param string|null $override why what stands in the way is overridden
     * @param bool        $renew    an item that this patron has already is renewed
     * @param string|null $due      another due day than the rule's, as 2026-03-17
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\NotBlank(message: 'Scan or enter a code.', normalizer: 'trim')]
        #[Assert\Length(max: 200, maxMessage: 'A code has at most 200 characters.')]
        public string $code = '',
        #[Assert\Choice(choices: ['lend', 'return', 'look-up'], message: 'lane is lend, return or look-up.')]
        public string $lane = 'return',
        public ?int $patron = null,
        #[Assert\Length(max: 400, maxMessage: 'A reason has at most 400 characters.')]
        public ?string $override = null,
        #[Assert\Date(message: 'Enter the due day as 2026-03-17.')]
        public ?string $due = null,
        public bool $renew = false,
    ) {
    }
}
