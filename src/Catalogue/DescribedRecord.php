<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Matching\MatchFacts;

/**
 * A record with what is derived from it, each derived once.
 */
final class DescribedRecord
{
    private ?MatchFacts $facts = null;

    private function __construct(public readonly MarcRecord $marc, public readonly BriefDescription $brief)
    {
    }

    public static function of(MarcRecord $marc): self
    {
        return new self($marc, BriefDescription::of($marc));
    }

    public function facts(): MatchFacts
    {
        return $this->facts ??= MatchFacts::of($this->marc, $this->brief);
    }
}
