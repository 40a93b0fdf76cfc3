<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

final class NotSignedIn extends Problem
{
    public function __construct(string $sentence = 'Sign in first.', string $code = 'not-signed-in')
    {
        parent::__construct(401, 'Not signed in', $code, $sentence);
    }
}
