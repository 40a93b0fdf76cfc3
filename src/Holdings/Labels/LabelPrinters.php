<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;

/**
 * The label printers of the house.
 */
final readonly class LabelPrinters implements RuleKind
{
    public function __construct(private RuleBook $book, private LabelSheets $sheets, private string $standinPort)
    {
    }

    public static function kind(): string
    {
        return 'label-printer';
    }

    public function problems(array $content): array
    {
        $address = $content['address'] ?? '';
        $sheet = $content['sheet'] ?? '';
        $dots = $content['dotsPerMm'] ?? 0;

        return array_filter([
            'address' => \is_string($address) && 1 === preg_match('~^(?:tcp://[^/:]+:\d{1,5}|https?://.+)$~', str_replace('{standins}', '1', $address)) ? '' : 'Give the address as tcp://printer:9100 or http://...',
            'sheet' => \is_string($sheet) && null !== $this->sheets->find($sheet) ? '' : 'There is no such roll. Choose one of the label sheets.',
            'dotsPerMm' => \in_array($dots, [6, 8, 12, 24], true) ? '' : 'A printer has 6, 8, 12 or 24 dots a millimetre.',
        ], static fn (string $sentence): bool => '' !== $sentence);
    }

    public function find(string $code): ?LabelPrinter
    {
        $rule = $this->book->find(self::kind(), $code);
        $text = static fn (string $name): string => \is_string($rule?->content[$name] ?? null) ? $rule->content[$name] : '';
        $dots = $rule->content['dotsPerMm'] ?? 8;

        return null === $rule ? null : new LabelPrinter($rule->name, str_replace('{standins}', $this->standinPort, $text('address')), $text('sheet'), \is_int($dots) ? $dots : 8);
    }
}
