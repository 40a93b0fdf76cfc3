<?php

declare(strict_types=1);

namespace TinLantern\Core\Search;

/**
 * Years from one to another, as an index of words can be asked for them: by the beginnings that all years of a century or a decade
 * have in common, and single years at both ends.
 */
final readonly class YearSpan
{
    public const EARLIEST = 1000;
    public const LATEST = 2999;

    private function __construct(public int $from, public int $to)
    {
    }

    /**
     * The years that a comparison with one year lets through, or, for `within`, those from the first to the second.
     *
     * @param string $relation `<`, `<=`, `>`, `>=` or `within`
     *
     * @return self|null null when the term holds no years of four digits, or other than the relation wants
     */
    public static function compared(string $relation, string $term): ?self
    {
        if (1 !== preg_match('within' === $relation ? '/^\s*(\d{4})[\s-]+(\d{4})\s*$/' : '/^\s*(\d{4})\s*$/', $term, $years)) {
            return null;
        }
        $year = (int) $years[1];
        [$from, $to] = match ($relation) {
            '<' => [self::EARLIEST, $year - 1],
            '<=' => [self::EARLIEST, $year],
            '>' => [$year + 1, self::LATEST],
            '>=' => [$year, self::LATEST],
            default => [$year, (int) ($years[2] ?? $year)],
        };

        return new self(max($from, self::EARLIEST), min($to, self::LATEST));
    }

    /**
     * The fewest beginnings that these years, and no others, have.
     *
     * @return list<string> of two to four digits, in their order; nothing for a span without years
     */
    public function beginnings(): array
    {
        $beginnings = [];
        for ($year = $this->from; $year <= $this->to; $year += $length) {
            $length = match (true) {
                0 === $year % 100 && $year + 99 <= $this->to => 100,
                0 === $year % 10 && $year + 9 <= $this->to => 10,
                default => 1,
            };
            $beginnings[] = substr((string) $year, 0, 5 - \strlen((string) $length));
        }

        return $beginnings;
    }
}
