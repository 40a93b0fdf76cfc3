<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Presets;

use Doctrine\DBAL\Connection;
use TinLantern\Core\Barcode\BarcodeRange;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * The barcode ranges of the house, each with the number that it has come to.
 */
final readonly class BarcodeRanges implements RuleKind
{
    public function __construct(private RuleBook $book, private Connection $connection)
    {
    }

    public static function kind(): string
    {
        return 'barcode-range';
    }

    public function problems(array $content): array
    {
        $digits = $content['digits'] ?? 0;
        $beginning = $content['beginning'] ?? '';

        return array_filter([
            'digits' => !\is_int($digits) || $digits < 1 || $digits > 12 ? 'The number has from 1 to 12 digits.' : '',
            'beginning' => !\is_string($beginning) || 1 !== preg_match('/^[!-~]{0,20}$/D', $beginning) ? 'The beginning has at most 20 characters that a scanner reads, without blanks.' : '',
            'check' => \in_array($content['check'] ?? '', [BarcodeRange::NO_CHECK, BarcodeRange::LUHN, BarcodeRange::EAN], true) ? '' : 'The check digit is none, luhn or ean.',
        ], static fn (string $sentence): bool => '' !== $sentence);
    }

    /**
     * The next barcodes of a range that no item has. Taken in the transaction that uses them: others wait for it.
     *
     * @return list<string>
     */
    public function take(string $code, int $count): array
    {
        $rule = $this->book->find(self::kind(), $code) ?? throw NotFound::of('barcode range', $code);
        $content = $rule->content;
        $range = new BarcodeRange(
            \is_scalar($content['beginning'] ?? null) ? (string) $content['beginning'] : '',
            \is_int($content['digits'] ?? null) ? $content['digits'] : 7,
            \is_string($content['check'] ?? null) ? $content['check'] : BarcodeRange::NO_CHECK,
        );
        $name = mb_strcut('barcode-range.'.$code, 0, 40);
        $this->connection->executeStatement("INSERT IGNORE INTO house_state (name, value) VALUES (?, '0')", [$name]);
        $last = $this->connection->fetchOne('SELECT value FROM house_state WHERE name = ? FOR UPDATE', [$name]);
        $number = is_numeric($last) ? (int) $last : 0;
        $barcodes = [];
        while (\count($barcodes) < $count) {
            $barcode = $range->barcode(++$number) ?? throw new Conflict('range-used-up', \sprintf('The barcode range "%s" is used up. Make it longer, or take another.', $rule->name));
            if (false === $this->connection->fetchOne('SELECT 1 FROM item WHERE barcode = ? UNION SELECT 1 FROM patron WHERE card_number = ?', [$barcode, $barcode])) {
                $barcodes[] = $barcode;
            }
        }
        $this->connection->update('house_state', ['value' => (string) $number], ['name' => $name]);

        return $barcodes;
    }
}
