<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class LabelQuery
{
    /**
     * @param string $items   ids divided by commas; empty for all that wait
     * @param string $without ids of those that wait and are left out, divided by commas
     * @param string $sheet   code of a label sheet
     * @param int    $first   the first free label on a started sheet, from 1
     */
    public function __construct(
        #[Assert\Regex(pattern: '/^(?:\d{1,9}(?:,\d{1,9})*)?$/', message: 'items are numbers divided by commas.')]
        public string $items = '',
        #[Assert\Regex(pattern: '/^(?:\d{1,9}(?:,\d{1,9})*)?$/', message: 'What is left out are numbers divided by commas.')]
        public string $without = '',
        public string $sheet = 'a4-spine-65',
        #[Assert\Choice(choices: ['spine', 'code128', 'code39'], message: 'kind is spine, code128 or code39.')]
        public string $kind = 'spine',
        #[Assert\Range(notInRangeMessage: 'The first free label is from 1 to 500.', min: 1, max: 500)]
        public int $first = 1,
    ) {
    }

    /** @return list<int> */
    public function ids(): array
    {
        return self::numbers($this->items);
    }

    /** @return list<int> */
    public function leftOut(): array
    {
        return self::numbers($this->without);
    }

    /** @return list<int> */
    private static function numbers(string $written): array
    {
        return '' === $written ? [] : array_map(intval(...), explode(',', $written));
    }
}
