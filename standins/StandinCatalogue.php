<?php

declare(strict_types=1);

namespace TinLantern\Standins;

use TinLantern\Core\Cql\BooleanQuery;
use TinLantern\Core\Cql\CqlParser;
use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Cql\Query;
use TinLantern\Core\Cql\SearchClause;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\Subfield;
use TinLantern\Core\Matching\Isbn;
use TinLantern\Core\Search\SearchWords;
use TinLantern\Core\Sru\SruResponse;
use TinLantern\Core\Sru\SruVersion;
use TinLantern\Demo\DemoRecords;
use TinLantern\Demo\Dice;

/**
 * A small outside catalogue of a few hundred titles, some of which the Vesper Isles have too, with fields that others put into records.
 */
final readonly class StandinCatalogue
{
    private const RECORDS = 700;
    private const OURS = 1852;

    public function __construct(private string $name, private string $code, private int $seed, private string $directory)
    {
    }

    /** @param array<string, string> $asked */
    public function answer(array $asked, SruVersion $version): string
    {
        if (!isset($asked['query'])) {
            return SruResponse::explain($version, '127.0.0.1', 80, 'sru', $this->name, ['cql.serverChoice' => 'All words', 'dc.title' => 'Title', 'dc.creator' => 'Author', 'bath.isbn' => 'ISBN', 'rec.identifier' => 'Control number']);
        }
        try {
            $query = (new CqlParser())->parse($asked['query']);
            $hits = array_values(array_filter($this->records(), fn (MarcRecord $record): bool => $this->fits($record, $query)));
        } catch (CqlProblem $problem) {
            return SruResponse::problem($version, $problem);
        }
        $start = max(1, (int) ($asked['startRecord'] ?? 1));
        $most = min(50, max(0, (int) ($asked['maximumRecords'] ?? 10)));
        $records = [];
        foreach (\array_slice($hits, $start - 1, $most) as $index => $record) {
            $records[$start + $index] = preg_replace('/^<record>/', '<record xmlns="http://www.loc.gov/MARC21/slim">', (new MarcXmlWriter())->write($record)) ?? '';
        }
        $next = $start + \count($records);

        return SruResponse::records($version, \count($hits), true, $records, 'marcxml', $next <= \count($hits) ? $next : null, false);
    }

    private function fits(MarcRecord $record, Query $query): bool
    {
        if ($query instanceof BooleanQuery) {
            $left = $this->fits($record, $query->left);

            return match ($query->operator) {
                'and' => $left && $this->fits($record, $query->right),
                'or' => $left || $this->fits($record, $query->right),
                default => $left && !$this->fits($record, $query->right),
            };
        }
        if (!$query instanceof SearchClause) {
            return false;
        }
        $brief = BriefDescription::of($record);
        if (\in_array($query->index, ['bath.isbn', 'bib.isbn'], true)) {
            return \in_array(Isbn::tryFrom($query->term)->thirteen ?? '', $brief->isbns, true);
        }
        $text = match ($query->index) {
            'dc.title', 'bib.title' => $brief->title,
            'dc.creator', 'bib.name' => $brief->author,
            'rec.identifier' => $brief->controlNumber,
            'cql.serverchoice' => $brief->title.' '.$brief->author,
            default => throw CqlProblem::unsupportedIndex($query->index),
        };

        return [] === array_diff(SearchWords::inOrder($query->term), SearchWords::inText($text));
    }

    /** @return list<MarcRecord> made once and kept in a file */
    private function records(): array
    {
        $file = $this->directory.'/'.$this->code.'.mrc';
        if (!is_file($file)) {
            @mkdir($this->directory, 0700, true);
            $writer = new Iso2709Writer();
            $bytes = implode('', array_map($writer->write(...), $this->made()));
            file_put_contents($file.'.'.getmypid(), $bytes);
            rename($file.'.'.getmypid(), $file);
        }

        return array_values(array_filter(iterator_to_array((new Iso2709Reader())->read([(string) file_get_contents($file)]), false), static fn (object $record): bool => $record instanceof MarcRecord));
    }

    /** @return list<MarcRecord> */
    private function made(): array
    {
        $dice = new Dice($this->seed);
        $records = [];
        foreach ([self::OURS => 3, $this->seed => 2] as $seed => $share) {
            foreach ((new DemoRecords(new Dice($seed), (int) date('Y')))->make(self::RECORDS * $share) as $record) {
                if ($dice->percent(30)) {
                    $records[] = $this->asTheirs($record, self::OURS !== $seed, \count($records));
                }
            }
        }

        // Theirs alone and those that we have too stand in no order.
        usort($records, static fn (MarcRecord $one, MarcRecord $other): int => md5($one->control('001') ?? '') <=> md5($other->control('001') ?? ''));

        return $records;
    }

    /** With their number, a summary and the local fields that everybody removes; without our items. */
    private function asTheirs(MarcRecord $record, bool $isTheirOwn, int $number): MarcRecord
    {
        $fields = [];
        foreach ($record->fields as $field) {
            if (\in_array($field->tag, ['001', '003', '852', '876'], true)) {
                continue;
            }
            // What is theirs alone has another number than ours.
            $fields[] = $isTheirOwn && $field instanceof DataField && '020' === $field->tag ? new DataField('020', ' ', ' ', [new Subfield('a', self::otherIsbn($field->first('a') ?? '', $this->seed))]) : $field;
        }
        foreach ([
            new ControlField('001', $this->code.\sprintf('%06d', $number)),
            new ControlField('003', strtoupper(substr($this->code, 0, 3))),
            DataField::of('019', '  ', 'a', (string) (70_000 + $number)),
            DataField::of('504', '  ', 'a', 'Includes bibliographical references and index.'),
            DataField::of('520', '  ', 'a', 'A full summary by '.$this->name.'.'),
            DataField::of('938', '  ', 'a', $this->name, 'n', (string) $number),
            DataField::of('994', '  ', 'a', 'C0', 'b', strtoupper(substr($this->code, 0, 3))),
        ] as $field) {
            $fields = Overlay::placed($fields, $field);
        }

        return $record->withFields($fields);
    }

    private static function otherIsbn(string $isbn, int $seed): string
    {
        $body = '978'.substr(str_pad((string) ((int) substr($isbn, 3, 9) + $seed * 7919), 9, '0', \STR_PAD_LEFT), -9);
        $sum = 0;
        foreach (str_split($body) as $index => $digit) {
            $sum += (int) $digit * (0 === $index % 2 ? 1 : 3);
        }

        return $body.(10 - $sum % 10) % 10;
    }
}
