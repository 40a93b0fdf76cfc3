<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Catalogue\Search\RecordWords;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\Heading;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Matching\MatchFacts;

/**
 * A record with what is derived from it, each derived once, when it is wanted first. Handed to another process it goes as text, with
 * what was derived by then.
 */
final class DescribedRecord
{
    private ?MatchFacts $facts = null;
    private ?RecordWords $words = null;
    /** @var list<Heading>|null */
    private ?array $headings = null;

    private function __construct(private ?MarcRecord $marc, public readonly BriefDescription $brief, private ?string $text)
    {
    }

    /** @param string|null $text the record as lines of text, when that is known already */
    public static function of(MarcRecord $marc, ?string $text = null): self
    {
        return new self($marc, BriefDescription::of($marc), $text);
    }

    public function marc(): MarcRecord
    {
        return $this->marc ??= LineText::parse($this->text());
    }

    public function text(): string
    {
        return $this->text ??= LineText::write($this->marc ?? throw new \LogicException('A record has come without its text.'));
    }

    public function facts(): MatchFacts
    {
        return $this->facts ??= MatchFacts::of($this->marc(), $this->brief);
    }

    public function words(): RecordWords
    {
        return $this->words ??= RecordWords::of($this->marc(), $this->brief);
    }

    /** @return list<Heading> */
    public function headings(): array
    {
        return $this->headings ??= Heading::allOf($this->marc());
    }

    /** Derives what comparing it wants, or everything that follows from it in the catalogue. */
    public function derive(bool $onlyToCompare): void
    {
        $this->facts();
        if (!$onlyToCompare) {
            $this->words();
            $this->headings();
        }
    }

    /** @return array{BriefDescription, string, MatchFacts|null, RecordWords|null, list<Heading>|null} */
    public function __serialize(): array
    {
        return [$this->brief, $this->text(), $this->facts, $this->words, $this->headings];
    }

    /** @param array{BriefDescription, string, MatchFacts|null, RecordWords|null, list<Heading>|null} $parts */
    public function __unserialize(array $parts): void
    {
        $this->marc = null;
        [$this->brief, $this->text, $this->facts, $this->words, $this->headings] = $parts;
    }
}
