<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * A patron as entered in the short form.
 */
final readonly class PatronForm
{
    /**
     * @param string      $id         a UUID of the sender's making: the same form sent twice is saved once
     * @param int|null    $version    the version the form began from, when changing
     * @param string      $cardNumber empty: the house gives the next one
     * @param string|null $expiresOn  null: counted from the membership
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        public ?int $version = null,
        #[Assert\Length(max: 40, maxMessage: 'A card number has at most 40 characters.')]
        #[Assert\Regex(pattern: '/^[!-~]*$/', message: 'A card number has no blanks and only characters that a barcode carries.')]
        public string $cardNumber = '',
        #[Assert\NotBlank(message: 'Enter the family name.', normalizer: 'trim')]
        #[Assert\Length(max: 120, maxMessage: 'A family name has at most 120 characters here.')]
        public string $familyName = '',
        #[Assert\Length(max: 120, maxMessage: 'A given name has at most 120 characters here.')]
        public string $givenName = '',
        #[Assert\Date(message: 'Enter the birth date as 2001-12-31.')]
        public ?string $birthDate = null,
        #[Assert\Email(message: 'This is no e-mail address. Check for a missing @ or dot.')]
        #[Assert\Length(max: 190, maxMessage: 'An e-mail address has at most 190 characters here.')]
        public ?string $email = null,
        #[Assert\Length(max: 60, maxMessage: 'A phone number has at most 60 characters here.')]
        public ?string $phone = null,
        #[Assert\Length(max: 400, maxMessage: 'An address has at most 400 characters here.')]
        public ?string $address = null,
        #[Assert\NotBlank(message: 'Choose the home branch.')]
        public string $branch = '',
        #[Assert\NotBlank(message: 'Choose a membership.')]
        public string $membership = '',
        #[Assert\Date(message: 'Enter the end of the membership as 2027-12-31.')]
        public ?string $expiresOn = null,
        #[Assert\Length(max: 400, maxMessage: 'The reason has at most 400 characters.')]
        public ?string $barredBecause = null,
        public bool $isCardLost = false,
        #[Assert\Length(max: 2000, maxMessage: 'A note has at most 2,000 characters.')]
        public ?string $staffNote = null,
    ) {
    }
}
