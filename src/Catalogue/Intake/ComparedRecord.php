<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Matching\RecordMatch;

/**
 * A record of a file and what comparing has found about it.
 */
final readonly class ComparedRecord
{
    /** @param string $problem why it is what it is, then what else is odd about it, a sentence a line */
    private function __construct(
        public int $place,
        public ComparedKind $kind,
        public string $title,
        public ?string $marc,
        public ?string $raw,
        public string $problem,
        public ?RecordMatch $match = null,
        public ?int $sameAs = null,
    ) {
    }

    public static function broken(int $place, MalformedRecord $record): self
    {
        return new self($place, ComparedKind::Broken, '', null, $record->bytes, $record->sentence());
    }

    public static function unfit(int $place, string $marc, string $title, string $why): self
    {
        return new self($place, ComparedKind::Unfit, $title, $marc, null, \sprintf('Record %d: %s', $place, $why));
    }

    /** One that the catalogue does not have. $near is a record that shares a key but differs in what must agree. */
    public static function fresh(int $place, string $marc, string $title, ?RecordMatch $near): self
    {
        return new self($place, ComparedKind::Fresh, $title, $marc, null, '', $near);
    }

    public static function matching(int $place, string $marc, string $title, RecordMatch $match): self
    {
        return new self($place, ComparedKind::Match, $title, $marc, null, '', $match);
    }

    /** One that the file had at an earlier place. */
    public static function again(int $place, string $marc, string $title, RecordMatch $match): self
    {
        return new self($place, ComparedKind::Again, $title, $marc, null, \sprintf('Record %d: it is the same title as record %d of this file.', $place, $match->id), $match, $match->id);
    }

    /** The same with a line for each thing that is odd about it. */
    public function remarkedOn(string ...$remarks): self
    {
        $lines = array_map(fn (string $remark): string => \sprintf('Record %d: %s', $this->place, $remark), array_filter($remarks, static fn (string $remark): bool => '' !== $remark));

        return [] === $lines ? $this : new self($this->place, $this->kind, $this->title, $this->marc, $this->raw, trim($this->problem."\n".implode("\n", $lines)), $this->match, $this->sameAs);
    }
}
