<?php

declare(strict_types=1);

namespace TinLantern\Access\Api;

final readonly class SignInView
{
    public function __construct(public bool $signedIn)
    {
    }
}
