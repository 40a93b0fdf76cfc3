<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Search\SearchWords;

/**
 * The words of a record as a search index wants them, without anything that its items add.
 */
final readonly class RecordWords
{
    /** Codes of subfields that hold links and codes, no words of the record. */
    private const LINKING = '0256789uw';

    /**
     * @param list<string> $texts  the running words of each field, plain and marked
     * @param list<string> $single words that stand for themselves
     */
    private function __construct(public array $texts, public array $single)
    {
    }

    public static function of(MarcRecord $marc): self
    {
        $plain = $marked = $single = [];
        foreach ($marc->fields as $field) {
            if ('001' === $field->tag && !$field instanceof DataField) {
                array_push($single, ...SearchWords::inText($field->value));
            }
            if (!$field instanceof DataField || !self::isRead($field->tag)) {
                continue;
            }
            $running = $joined = [];
            foreach ($field->subfields as $subfield) {
                if (!str_contains(self::LINKING, $subfield->code)) {
                    array_push($running, ...SearchWords::inOrder($subfield->value));
                    array_push($joined, ...SearchWords::joined($subfield->value));
                }
            }
            if ([] === $running) {
                continue;
            }
            $plain[] = implode(' ', $running);
            array_push($single, ...$joined);
            $mark = SearchField::ofTag($field->tag)?->mark();
            if (null !== $mark) {
                $marked[] = $mark.implode(' '.$mark, $running);
                array_push($single, ...array_map(static fn (string $word): string => $mark.$word, $joined));
            }
        }

        return new self([...$plain, ...$marked], $single);
    }

    private static function isRead(string $tag): bool
    {
        return '852' !== $tag && '876' !== $tag && ($tag >= '100' || \in_array($tag, ['020', '022', '024', '028', '035', '050', '082'], true));
    }
}
