<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

final readonly class IntakeLineView
{
    public function __construct(
        public int $id,
        public string $file,
        public string $format,
        public string $state,
        public string $staff,
        public \DateTimeImmutable $begunAt,
        public int $records,
        public int $items,
    ) {
    }
}
