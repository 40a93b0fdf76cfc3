<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * How alike two records are, from 0 to 1, explained part by part.
 *
 * The score is the weighted mean over what both records tell. A volume or edition that only one of them names counts as
 * half alike: silence is no agreement there.
 */
final readonly class Likeness
{
    private const ONLY_ONE_NAMES_IT = 0.5;

    /** @param list<LikenessPart> $parts one for each aspect, in their order */
    private function __construct(public float $score, public array $parts)
    {
    }

    public static function between(MatchFacts $one, MatchFacts $other): self
    {
        $parts = [
            new LikenessPart(LikenessAspect::Title, self::ofTexts($one->title, $other->title)),
            new LikenessPart(LikenessAspect::Volume, self::ofQualifiers($one->volume, $other->volume)),
            new LikenessPart(LikenessAspect::Author, self::ofTexts($one->author, $other->author)),
            new LikenessPart(LikenessAspect::Year, self::ofYears($one->year, $other->year)),
            new LikenessPart(LikenessAspect::Edition, self::ofQualifiers($one->edition, $other->edition)),
            new LikenessPart(LikenessAspect::Format, $one->format === $other->format ? 1.0 : 0.0),
            new LikenessPart(LikenessAspect::Number, self::ofNumbers([...$one->isbns, ...$one->issns], [...$other->isbns, ...$other->issns])),
        ];
        $sum = $weights = 0.0;
        foreach ($parts as $part) {
            if (null !== $part->value) {
                $sum += $part->value * $part->aspect->weight();
                $weights += $part->aspect->weight();
            }
        }

        return new self(round($sum / $weights, 3), $parts);
    }

    /** @param list<LikenessAspect> $aspects */
    public function agreesIn(array $aspects): bool
    {
        foreach ($this->parts as $part) {
            if ($part->differs() && \in_array($part->aspect, $aspects, true)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<LikenessAspect> in which both tell different things */
    public function differences(): array
    {
        return array_values(array_map(
            static fn (LikenessPart $part): LikenessAspect => $part->aspect,
            array_filter($this->parts, static fn (LikenessPart $part): bool => $part->differs()),
        ));
    }

    /** The share of pairs of neighbouring characters that two texts have in common (Dice's coefficient). */
    private static function ofTexts(string $one, string $other): ?float
    {
        if ('' === $one || '' === $other) {
            return null;
        }
        if ($one === $other) {
            return 1.0;
        }
        $ofOne = self::pairs($one);
        $ofOther = self::pairs($other);
        $common = 0;
        foreach ($ofOne as $pair => $times) {
            $common += min($times, $ofOther[$pair] ?? 0);
        }
        $all = array_sum($ofOne) + array_sum($ofOther);

        return 0 === $all ? 0.0 : round(2 * $common / $all, 3);
    }

    private static function ofQualifiers(string $one, string $other): ?float
    {
        return ('' === $one) !== ('' === $other) ? self::ONLY_ONE_NAMES_IT : self::ofTexts(self::digitsApart($one), self::digitsApart($other));
    }

    /** "2nd ed" and "3rd ed" differ in little but mean different things: where numbers are told, they alone count. */
    private static function digitsApart(string $text): string
    {
        return 0 === preg_match_all('/\d+/', $text, $numbers) ? $text : '#'.implode('#', $numbers[0]);
    }

    private static function ofYears(?int $one, ?int $other): ?float
    {
        return null === $one || null === $other ? null : ($one === $other ? 1.0 : 0.0);
    }

    /**
     * @param list<string> $one
     * @param list<string> $other
     */
    private static function ofNumbers(array $one, array $other): ?float
    {
        return [] === $one || [] === $other ? null : ([] === array_intersect($one, $other) ? 0.0 : 1.0);
    }

    /** @return array<array-key, int> how often each pair of characters stands in the text */
    private static function pairs(string $text): array
    {
        $characters = mb_str_split(' '.$text.' ');
        $pairs = [];
        for ($index = 1; $index < \count($characters); ++$index) {
            $pairs[] = $characters[$index - 1].$characters[$index];
        }

        return array_count_values($pairs);
    }
}
