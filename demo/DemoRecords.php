<?php

declare(strict_types=1);

namespace TinLantern\Demo;

use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Search\Fold;

/**
 * The stock of the Vesper Isles, as records with their items in 852 and 876. The same seed gives the same stock.
 */
final class DemoRecords
{
    private const KINDS = ['novel' => 36, 'children' => 14, 'history' => 10, 'navigation' => 5, 'craft' => 8, 'nature' => 8, 'score' => 7, 'recording' => 4, 'film' => 3, 'serial' => 1, 'chart' => 2, 'game' => 1, 'equipment' => 1];
    private const BRANCHES = ['LAN' => 60, 'QUA' => 12, 'SAL' => 14, 'HOL' => 9, 'TER' => 5];

    private int $barcode = 0;

    public function __construct(private readonly Dice $dice, private readonly int $thisYear)
    {
    }

    /** @return \Generator<int, MarcRecord> */
    public function make(int $count): \Generator
    {
        yield $this->almanack();
        for ($number = 2; $number <= $count; ++$number) {
            $record = $this->record($number, $this->dice->weighted(self::KINDS));
            yield $record;
            if ($number < $count && 1 === $this->dice->between(1, 90)) {
                ++$number;
                yield $this->duplicateOf($record, $number);
            }
        }
    }

    private function almanack(): MarcRecord
    {
        $fields = [
            new ControlField('001', 'vi0000001'),
            new ControlField('008', '260101c19879999vi ar        0   a0eng d'),
            DataField::of('245', '00', 'a', 'Vesper Almanack of Tides.'),
            DataField::of('264', ' 1', 'a', 'Port Vesper :', 'b', 'Lamp & Anchor,', 'c', '1987-'),
            DataField::of('310', '  ', 'a', 'Annual'),
            DataField::of('650', ' 0', 'a', 'Tides', 'z', 'Vesper Isles', 'v', 'Tables'),
        ];
        for ($year = $this->thisYear - 5; $year <= $this->thisYear; ++$year) {
            array_push($fields, ...$this->itemFields('551.46 VES '.$year, 'REF', 'LAN', 'REFER', 'REF', '', 1800));
        }

        return new MarcRecord('00000nas a2200000 i 4500', $fields);
    }

    private function record(int $number, string $kind): MarcRecord
    {
        $year = $this->thisYear - (int) (($this->dice->between(0, 1000) / 1000) ** 2 * 70);
        $author = [$this->dice->one(Words::FAMILY), $this->dice->one(Words::GIVEN)];
        [$leader, $title, $callNumber, $location, $class, $subjects, $extent] = $this->shape($kind, $author[0], $year);
        $language = $this->dice->weighted(['eng' => 88, 'gle' => 4, 'nor' => 4, 'fre' => 2, 'ger' => 2]);
        $isPerson = !\in_array($kind, ['equipment', 'game', 'chart'], true);
        $fields = [
            new ControlField('001', \sprintf('vi%07d', $number)),
            new ControlField('005', \sprintf('%d0301120000.0', $this->thisYear)),
            new ControlField('008', \sprintf('260101s%d    vi ||||| |||| 00| 0 %s d', $year, $language)),
        ];
        if (str_starts_with($leader, 'a') && $year > 1970) {
            $fields[] = DataField::of('020', '  ', 'a', self::isbn($number), 'q', $this->dice->percent(50) ? 'paperback' : 'hardback');
        }
        if ($isPerson) {
            $fields[] = DataField::of('100', '1 ', 'a', $author[0].', '.$author[1].',', 'e', 'score' === $kind || 'recording' === $kind ? 'composer.' : 'author.');
        }
        $by = $isPerson ? ['c', $author[1].' '.$author[0].'.'] : [];
        $nonfiling = 1 === preg_match('/^(?:The|An|A) /', $title, $article) ? (string) \strlen($article[0]) : '0';
        $fields[] = DataField::of('245', ($isPerson ? '1' : '0').$nonfiling, 'a', $title.($isPerson ? ' /' : '.'), ...$by);
        if ($this->dice->percent(12)) {
            $fields[] = DataField::of('250', '  ', 'a', $this->dice->one(['Second edition.', 'Revised edition.', 'Third edition.', 'Large print edition.']));
        }
        $fields[] = DataField::of('264', ' 1', 'a', $this->dice->one(Words::PLACES).' :', 'b', $this->dice->one(Words::PUBLISHERS).',', 'c', $year.'.');
        $fields[] = DataField::of('300', '  ', 'a', $extent);
        if ($this->dice->percent(40)) {
            $fields[] = DataField::of('520', '  ', 'a', \sprintf('%s and a %s meet where the %s ends.', $this->dice->one(['A keeper', 'A pilot', 'Two sisters', 'An old chart', 'A storm']), strtolower($this->dice->one(Words::NOUNS)), strtolower($this->dice->one(Words::NOUNS))));
        }
        array_push($fields, ...$subjects);
        array_push($fields, ...$this->items($kind, $callNumber, $location, $class, $year));

        return new MarcRecord(\sprintf('00000n%s a2200000 i 4500', $leader), $fields);
    }

    /** @return array{string, string, string, string, string, list<DataField>, string} leader 06-07, title, call number, location, lending class, subjects, extent */
    private function shape(string $kind, string $family, int $year): array
    {
        $mark = strtoupper(substr(Fold::text($family), 0, 3));
        $title = $this->title();
        $pages = \sprintf('%d pages ; %d cm', $this->dice->between(48, 620), $this->dice->between(18, 30));
        $isNew = $year >= $this->thisYear - 1 && $this->dice->percent(60);
        if (isset(Words::SUBJECTS[$kind])) {
            [$class, $heading, $subdivision] = $this->dice->one(Words::SUBJECTS[$kind]);
            $subject = [DataField::of('650', ' 0', 'a', $heading, 'x', $subdivision)];
            $about = $this->dice->one(['A guide to ', 'The book of ', 'Notes on ', 'Understanding ', 'A century of ', 'Beginning ']).strtolower($heading).($this->dice->percent(50) ? ' : '.strtolower($title) : '');

            return ['am', $about, "{$class} {$mark} {$year}", $this->dice->percent(25) && 'history' === $kind ? 'ISLES' : 'ADULT', $isNew ? 'NEW' : 'BOOK', $subject, $pages];
        }

        return match ($kind) {
            'children' => ['am', $title, "823.92 {$mark}", 'CHILD', 'BOOK', [DataField::of('650', ' 1', 'a', $this->dice->one(['Islands', 'Seals', 'Lighthouses', 'Friendship', 'Storms']), 'v', 'Juvenile fiction')], \sprintf('%d pages ; 24 cm', $this->dice->between(24, 140))],
            'score' => $this->music($title, $mark, $year),
            'recording' => ['jm', $title.' : songs from '.$this->dice->one(Words::PLACES), 'M1977 .'.$mark[0].$this->dice->between(2, 89).' '.$year, 'SOUND', 'FILM', [DataField::of('650', ' 0', 'a', 'Folk songs', 'z', 'Vesper Isles')], '1 audio disc (52 min.)'],
            'film' => ['gm', $title, 'FILM '.$this->dice->between(1, 400), 'FILMS', 'FILM', [DataField::of('650', ' 0', 'a', 'Feature films')], '1 videodisc (94 min.)'],
            'serial' => ['as', $this->dice->one(['Proceedings', 'Newsletter', 'Yearbook']).' of the '.$title.' Society', "060 {$mark}", 'SERIAL', 'BOOK', [DataField::of('650', ' 0', 'a', 'Societies', 'z', 'Vesper Isles')], 'volumes ; 24 cm'],
            'chart' => ['em', 'Approaches to '.$this->dice->one(Words::PLACES).' : sheet '.$this->dice->between(1, 60), 'CHART '.$this->dice->between(1, 240), 'CHARTS', 'CHART', [DataField::of('650', ' 0', 'a', 'Nautical charts', 'z', 'Vesper Isles')], '1 chart ; 84 x 119 cm'],
            'game' => ['rm', $this->title().' : a game for 2 to 5 players', 'GAME '.$this->dice->between(1, 120), 'FILMS', 'FILM', [DataField::of('650', ' 0', 'a', 'Board games')], '1 board, 64 pieces, in box'],
            'equipment' => ['rm', $this->dice->one(Words::EQUIPMENT), 'GEAR '.\sprintf('%03d', $this->dice->between(1, 300)), 'GEAR', 'EQUIP', [DataField::of('650', ' 0', 'a', 'Equipment for lending')], '1 device in case'],
            default => ['am', $title, '823.9'.$this->dice->one(['', '1', '12', '14', '2'])." {$mark}", 'ADULT', $isNew ? 'NEW' : 'BOOK', [DataField::of('655', ' 7', 'a', $this->dice->one(['Novels', 'Detective fiction', 'Sea stories', 'Historical fiction', 'Short stories'])), DataField::of('651', ' 0', 'a', 'Vesper Isles', 'v', 'Fiction')], $pages],
        };
    }

    /** @return array{string, string, string, string, string, list<DataField>, string} */
    private function music(string $title, string $mark, int $year): array
    {
        [$instruments, $class, $form] = $this->dice->one(Words::INSTRUMENTS);
        $key = $this->dice->one(['C minor', 'D major', 'E flat major', 'G minor', 'A minor', 'F major']);

        return ['cm', \sprintf('%s no. %d in %s : for %s', rtrim($form, 's'), $this->dice->between(1, 9), $key, strtolower($instruments)), \sprintf('%s .%s%d %d', $class, $mark[0], $this->dice->between(2, 98), $year), 'SCORES', 'SCORE', [DataField::of('650', ' 0', 'a', $instruments.' music', 'v', $form)], '1 score ('.$this->dice->between(8, 96).' pages) ; 31 cm'];
    }

    private function title(): string
    {
        return match ($this->dice->between(1, 7)) {
            1 => \sprintf('The %s %s', $this->dice->one(Words::ADJECTIVES), $this->dice->one(Words::NOUNS)),
            2 => \sprintf('The %s of %s', $this->dice->one(Words::NOUNS), $this->dice->one(Words::PLACES)),
            3 => \sprintf("The %s's %s", $this->dice->one(['Keeper', 'Pilot', 'Cartographer', 'Ferryman', 'Netmaker']), $this->dice->one(Words::NOUNS)),
            4 => \sprintf('%s %s, %s %s', $this->dice->one(Words::ADJECTIVES), $this->dice->one(Words::NOUNS), $this->dice->one(Words::ADJECTIVES), $this->dice->one(Words::NOUNS)),
            5 => \sprintf('%s for %s', $this->withArticle($this->dice->one(Words::NOUNS)), $this->dice->one(Words::GIVEN)),
            6 => \sprintf('%s and the %s', $this->dice->one(Words::GIVEN), $this->dice->one(Words::NOUNS)),
            default => \sprintf('Beyond the %s %s', $this->dice->one(Words::ADJECTIVES), $this->dice->one(Words::NOUNS)),
        };
    }

    private function withArticle(string $noun): string
    {
        return (str_contains('AEIO', $noun[0]) ? 'An ' : 'A ').$noun;
    }

    /** @return list<DataField> */
    private function items(string $kind, string $callNumber, string $location, string $class, int $year): array
    {
        $fields = [];
        $copies = $this->dice->weighted([1 => 50, 2 => 26, 3 => 14, 4 => 6, 5 => 4]);
        for ($copy = 1; $copy <= $copies; ++$copy) {
            $branch = (string) $this->dice->weighted('CHILD' === $location ? ['LAN' => 40, 'SAL' => 45, 'HOL' => 10, 'TER' => 5] : self::BRANCHES);
            // One shelf in a hundred has something on it that nobody can read.
            $written = 1 === $this->dice->between(1, 100) ? '?? '.strrev($callNumber) : $callNumber;
            $isReference = 'ADULT' === $location && $this->dice->percent(3);
            array_push($fields, ...$this->itemFields(
                $written,
                $isReference ? 'REF' : ('CHILD' === $location ? 'J' : ''),
                $branch,
                $isReference ? 'REFER' : $location,
                $isReference ? 'REF' : ($copies > 3 && 'CHILD' === $location && 'SAL' === $branch ? 'SET' : $class),
                $copies > 1 ? (string) $copy : '',
                $this->dice->between(6, 48) * 50 + ('equipment' === $kind ? 9000 : 300),
            ));
        }

        return $fields;
    }

    /** @return list<DataField> */
    private function itemFields(string $callNumber, string $prefix, string $branch, string $location, string $class, string $copy, int $price): array
    {
        $barcode = \sprintf('30%07d', ++$this->barcode);
        [$number, $mark] = explode(' ', $callNumber, 2) + [1 => ''];
        $subfields = ['b', $branch, 'c', $location];
        foreach (['k' => $prefix, 'h' => $number, 'i' => $mark, 'p' => $barcode, 't' => $copy] as $code => $value) {
            if ('' !== $value) {
                array_push($subfields, $code, $value);
            }
        }
        $indicator = match ($location) {
            'SCORES', 'SOUND' => '0 ',
            'CHARTS', 'GEAR', 'FILMS' => '8 ',
            default => '1 ',
        };

        return [
            DataField::of('852', $indicator, ...$subfields),
            DataField::of('876', '  ', 'p', $barcode, 'c', \sprintf('%d.%02d', intdiv($price, 100), $price % 100), 'd', \sprintf('%d%02d15', $this->thisYear - $this->dice->between(0, 9), $this->dice->between(1, 12)), 'h', $class),
        ];
    }

    /** Catalogued twice, by two people on two days. */
    private function duplicateOf(MarcRecord $record, int $number): MarcRecord
    {
        $fields = [new ControlField('001', \sprintf('vi%07d', $number))];
        foreach ($record->fields as $field) {
            if ($field instanceof DataField && !\in_array($field->tag, ['852', '876', '520'], true)) {
                $fields[] = $field;
            } elseif ($field instanceof ControlField && '001' !== $field->tag) {
                $fields[] = $field;
            }
        }
        $location = $record->firstData('852');
        array_push($fields, ...$this->itemFields($location?->joined('hi') ?? '823 XXX', '', 'QUA', $location?->first('c') ?? 'ADULT', 'BOOK', '', 1200));

        return $record->withFields($fields);
    }

    /** Of a registration group that is given to nobody. */
    private static function isbn(int $number): string
    {
        $digits = \sprintf('9795%08d', $number);
        $sum = 0;
        foreach (str_split($digits) as $index => $digit) {
            $sum += (int) $digit * (0 === $index % 2 ? 1 : 3);
        }

        return $digits.((10 - $sum % 10) % 10);
    }
}
