<?php

declare(strict_types=1);

namespace TinLantern\Access;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class SignInRequest
{
    public function __construct(
        #[Assert\NotBlank(message: 'Enter your sign-in name.')]
        #[Assert\Length(max: 60, maxMessage: 'A sign-in name has at most 60 characters.')]
        public string $name = '',
        #[Assert\NotBlank(message: 'Enter your password.')]
        #[Assert\Length(max: 200, maxMessage: 'A password has at most 200 characters.')]
        public string $password = '',
        public ?string $branch = null,
        #[Assert\Length(max: 60, maxMessage: 'The name of a desk has at most 60 characters.')]
        public string $desk = 'Desk 1',
    ) {
    }
}
