<?php

declare(strict_types=1);

namespace TinLantern\Core\CallNumber;

use TinLantern\Core\Search\Fold;

/**
 * The place of a call number on the shelf, as bytes that sort by plain comparison.
 *
 * A prefix (REF, J, GEAR) makes a group of its own before the class. What is no call number of its scheme sorts behind all
 * that are, in natural order, and says so by {@see $understood}.
 */
final readonly class ShelfKey
{
    /** Between components: sorts before every letter and digit, so that the shorter call number comes first. */
    private const NEXT = "\x01";
    private const NOT_UNDERSTOOD = "\x7F";
    private const LONGEST = 190;

    private function __construct(public string $bytes, public bool $understood)
    {
    }

    public static function of(string $callNumber, Scheme $scheme, string $prefix = ''): self
    {
        $written = strtoupper(trim(preg_replace('/\s+/', ' ', Fold::text($callNumber)) ?? ''));
        $prefix = strtoupper(trim(Fold::text($prefix)));
        $key = match ($scheme) {
            Scheme::Dewey => self::dewey($written, $prefix),
            Scheme::LibraryOfCongress => self::libraryOfCongress($written, $prefix),
            Scheme::Local => '' === $written ? null : self::joined($prefix, self::natural($written)),
        };

        return null === $key
            ? new self(self::cut(self::NOT_UNDERSTOOD.self::natural($prefix.' '.$written)), false)
            : new self(self::cut($key), true);
    }

    /**
     * Three digits of class, its decimals, marks, then date, volume and copy by number. `5.1` is `005.1`.
     */
    private static function dewey(string $written, string $prefix): ?string
    {
        if (1 !== preg_match('/^(?:([A-Z]+) )?(\d{1,3})(?:\.(\d+))?(?= |$|[A-Z])(.*)$/', $written, $parts)) {
            return null;
        }
        $prefix = trim($prefix.' '.$parts[1]);

        return self::joined($prefix, str_pad($parts[2], 3, '0', \STR_PAD_LEFT).rtrim($parts[3], '0'), ...self::rest($parts[4]));
    }

    /**
     * Letters, class number by its value, cutters as decimal fractions, then date, volume and copy by number.
     */
    private static function libraryOfCongress(string $written, string $prefix): ?string
    {
        if (1 !== preg_match('/^([A-Z]{1,3}) ?(\d{1,5})(?:\.(\d+))?(?= |$|[.A-Z])(.*)$/', $written, $parts)) {
            return null;
        }
        $rest = preg_replace('/\.?([A-Z]\d+)(?=[A-Z.]|$)/', ' $1 ', $parts[4]) ?? $parts[4];

        return self::joined($prefix, $parts[1], \sprintf('%05d', (int) $parts[2]).rtrim($parts[3], '0'), ...self::rest($rest));
    }

    /** @return list<string> */
    private static function rest(string $written): array
    {
        $components = [];
        $words = preg_replace('/\b(VOL|NO|NR|PT|BD|BK|COPY|V|C|P)\. ?(?=\d)/', ' $1.', $written) ?? $written;
        foreach (explode(' ', $words) as $word) {
            $word = trim($word, '.,;:/()[] ');
            if ('' !== $word) {
                $components[] = self::component($word);
            }
        }

        return $components;
    }

    /** A mark stands as it is (its digits are a decimal fraction); a date, volume or copy counts by its number, behind all marks. */
    private static function component(string $word): string
    {
        if (ctype_digit($word)) {
            return '~'.self::number($word);
        }
        if (1 === preg_match('/^(VOL|NO|NR|PT|BD|BK|COPY|V|C|P)\.(\d+)(.*)$/', $word, $parts)) {
            return '~'.('VOL' === $parts[1] ? 'V' : $parts[1]).self::number($parts[2]).$parts[3];
        }

        return $word;
    }

    private static function natural(string $written): string
    {
        $spaced = trim(preg_replace('/[^A-Z0-9\x80-\xFF]+/', ' ', $written) ?? '');

        return str_replace(' ', self::NEXT, preg_replace_callback('/\d+/', static fn (array $found): string => self::number($found[0]), $spaced) ?? $spaced);
    }

    /** Digits that sort by value: the count of digits before them. */
    private static function number(string $digits): string
    {
        $digits = ltrim($digits, '0');

        return \sprintf('%02d%s', \strlen($digits), $digits);
    }

    private static function joined(string $prefix, string ...$components): string
    {
        return implode(self::NEXT, [$prefix, ...$components]);
    }

    private static function cut(string $key): string
    {
        return substr($key, 0, self::LONGEST);
    }
}
