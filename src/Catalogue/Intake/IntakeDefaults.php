<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What an item gets where its record says nothing, or something that the house does not know: codes of the house, and whatever an item
 * preset begins with, as it was when the file was sent off.
 */
final readonly class IntakeDefaults
{
    /**
     * @param string                $preset code of the item preset; nothing for none
     * @param array<string, string> $values what it begins with besides, by field; temporaryUntil is a day as in 2026-03-17
     */
    public function __construct(public string $branch, public string $location, public string $lendingClass, public string $preset = '', public array $values = [])
    {
    }

    /** @return array<string, mixed> what the constructor takes, by name */
    public function written(): array
    {
        $codes = ['branch' => $this->branch, 'location' => $this->location, 'lendingClass' => $this->lendingClass];

        return '' === $this->preset ? $codes : $codes + ['preset' => $this->preset, 'values' => $this->values];
    }
}
