<?php

declare(strict_types=1);

namespace TinLantern\Core\Tabular;

use TinLantern\Core\Search\Fold;

/**
 * What the columns of a spreadsheet mean, by their headings.
 */
final readonly class ColumnMapping
{
    /** Headings that people use, folded. */
    private const USUAL = [
        '245$a' => ['title', 'main title', 'name'],
        '245$b' => ['subtitle', 'other title'],
        '100$a' => ['author', 'authors', 'main author', 'creator', 'composer'],
        '700$a' => ['other authors', 'editor', 'illustrator', 'contributor'],
        '020$a' => ['isbn', 'isbn 13', 'isbn 10'],
        '022$a' => ['issn'],
        '250$a' => ['edition'],
        '264$a' => ['place', 'place of publication'],
        '264$b' => ['publisher'],
        '264$c' => ['year', 'date', 'published', 'publication year', 'year of publication', 'publication date'],
        '300$a' => ['pages', 'extent'],
        '490$a' => ['series'],
        '490$v' => ['volume', 'series number'],
        '041$a' => ['language'],
        '520$a' => ['summary', 'description', 'abstract'],
        '500$a' => ['note', 'notes'],
        '650$a' => ['subject', 'subjects', 'keywords'],
        '655$a' => ['genre'],
        'item:barcode' => ['barcode', 'item barcode', 'item number'],
        'item:branch' => ['branch', 'library'],
        'item:location' => ['location', 'shelving location', 'shelf'],
        'item:lendingClass' => ['lending class', 'item type'],
        'item:prefix' => ['prefix'],
        'item:callNumber' => ['call number', 'callnumber', 'shelfmark', 'class number'],
        'item:copy' => ['copy', 'copy number'],
        'item:price' => ['price', 'cost'],
        'item:acquired' => ['acquired', 'date acquired', 'purchase date'],
        'item:staffNote' => ['staff note'],
        'item:publicNote' => ['public note'],
        'item:vendor' => ['vendor', 'supplier'],
        'item:fund' => ['fund', 'paid from'],
        'item:material' => ['material'],
        'item:pieces' => ['pieces', 'number of pieces'],
        'item:piecesNote' => ['what the pieces are'],
        'item:serialNumber' => ['serial number', 'serial no'],
    ];

    /** @param array<string, Target> $targets by heading */
    private function __construct(private array $targets)
    {
    }

    /**
     * @param array<string, string> $written targets by heading; an empty one leaves the column out
     *
     * @throws \InvalidArgumentException with a sentence that says what to write
     */
    public static function of(array $written): self
    {
        $targets = [];
        foreach ($written as $heading => $target) {
            if ('' !== $target) {
                $targets[(string) $heading] = Target::of($target);
            }
        }

        return new self($targets);
    }

    /**
     * The targets that headings suggest by their names; one that says nothing is left out.
     *
     * @param list<string> $headings
     */
    public static function guessed(array $headings): self
    {
        $targets = [];
        foreach ($headings as $heading) {
            $name = trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', Fold::text($heading)) ?? '');
            foreach (self::USUAL as $target => $names) {
                if (\in_array($name, $names, true)) {
                    $targets[$heading] = Target::of($target);
                }
            }
            if (1 === preg_match('/^(\d{3}) ?([0-9a-z])$/D', $name, $parts) && $parts[1] >= '010') {
                $targets[$heading] = Target::of($parts[1].'$'.$parts[2]);
            }
        }

        return new self($targets);
    }

    public function target(string $heading): ?Target
    {
        return $this->targets[$heading] ?? null;
    }

    public function hasTitle(): bool
    {
        foreach ($this->targets as $target) {
            if ('245$a' === $target->written) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, string> targets as they are written, by heading */
    public function written(): array
    {
        return array_map(static fn (Target $target): string => $target->written, $this->targets);
    }
}
