<?php

declare(strict_types=1);

namespace TinLantern\Demo;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Chance that falls the same way every time, from a fixed seed.
 */
final readonly class Dice
{
    private Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    public function between(int $least, int $most): int
    {
        return $this->randomizer->getInt($least, $most);
    }

    /** True that many times in a hundred. */
    public function percent(int $percent): bool
    {
        return $this->between(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $list
     *
     * @return T
     */
    public function one(array $list): mixed
    {
        return $list[$this->between(0, \count($list) - 1)];
    }

    /**
     * @template T of array-key
     *
     * @param non-empty-array<T, int> $weights
     *
     * @return T
     */
    public function weighted(array $weights): int|string
    {
        $fall = $this->between(1, array_sum($weights));
        foreach ($weights as $value => $weight) {
            $fall -= $weight;
            if ($fall <= 0) {
                return $value;
            }
        }

        return array_key_last($weights);
    }

    public function uuid(): string
    {
        $hex = bin2hex($this->randomizer->getBytes(16));

        return \sprintf('%s-%s-4%s-8%s-%s', substr($hex, 0, 8), substr($hex, 8, 4), substr($hex, 13, 3), substr($hex, 17, 3), substr($hex, 20, 12));
    }
}
