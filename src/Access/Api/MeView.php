<?php

declare(strict_types=1);

namespace TinLantern\Access\Api;

use TinLantern\Platform\Actor;

final readonly class MeView
{
    /** @param list<string> $permissions */
    public function __construct(
        public string $signInName,
        public string $name,
        public string $role,
        public array $permissions,
        public string $branch,
        public string $branchName,
        public string $desk,
    ) {
    }

    public static function of(Actor $actor): self
    {
        return new self($actor->signInName, $actor->name, $actor->role, $actor->permissions, $actor->branchCode, $actor->branchName, $actor->desk);
    }
}
