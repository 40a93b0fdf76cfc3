<?php

declare(strict_types=1);

namespace TinLantern\Core\Cql;

/**
 * By what a result is to be sorted.
 */
final readonly class SortKey
{
    /** @param string $index in lower case */
    public function __construct(public string $index, public bool $isDescending = false)
    {
    }

    /**
     * From the parameter sortKeys of SRU 1.1: path, schema, ascending (1 or 0), and more that is read over; keys are parted by blanks.
     *
     * @return list<self>
     */
    public static function ofParameter(string $written): array
    {
        $keys = [];
        foreach (explode(' ', $written) as $key) {
            [$path, , $ascending] = explode(',', $key) + ['', '', ''];
            if ('' !== $path) {
                $keys[] = new self(strtolower($path), '0' === $ascending);
            }
        }

        return $keys;
    }
}
