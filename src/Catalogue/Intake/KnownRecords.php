<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Matching\MatchKeys;
use TinLantern\Core\Matching\MatchFacts;
use TinLantern\Core\Matching\MatchRule;
use TinLantern\Core\Matching\RecordMatch;

/**
 * What a batch of records is compared with: records of the catalogue, and earlier ones of the same file, that share a key with one
 * of the batch. All are looked up at once.
 */
final class KnownRecords
{
    /** @var array<int, list<string>> by place in the file */
    private array $keys;
    /** @var array<string, list<int>> record ids by key */
    private array $holders;
    /** @var array<int, MatchFacts> by record id */
    private array $ofCatalogue;
    /** @var array<string, int> place in the file by key */
    private array $places;
    /** @var array<int, MatchFacts> by place in the file */
    private array $ofFile;
    /** @var array<string, int> */
    private array $fresh = [];

    /** @param array<int, MatchFacts> $batch by place in the file */
    public function __construct(int $intakeId, private readonly MatchRule $rule, MatchKeys $matchKeys, ComparedRecords $compared, private readonly array $batch)
    {
        $this->keys = array_map($rule->keysOf(...), $batch);
        $all = array_values(array_unique(array_merge([], ...array_values($this->keys))));
        $this->holders = $matchKeys->holders($all, $intakeId);
        $this->ofCatalogue = $matchKeys->facts(array_merge([], ...array_values($this->holders)));
        $this->places = $compared->placesOf($intakeId, $all);
        $this->ofFile = $compared->facts($intakeId, array_values(array_unique($this->places)));
    }

    /** The record of the catalogue that this one matches, or comes near. */
    public function inCatalogue(int $place): ?RecordMatch
    {
        $candidates = [];
        foreach ($this->keys[$place] as $key) {
            foreach ($this->holders[$key] ?? [] as $id) {
                $candidates[$id] = $this->ofCatalogue[$id];
            }
        }

        return [] === $candidates ? null : $this->rule->best($this->batch[$place], $candidates);
    }

    /** The earlier record of the file that this one matches, by its place. */
    public function earlierInFile(int $place): ?RecordMatch
    {
        $candidates = [];
        foreach ($this->keys[$place] as $key) {
            $earlier = $this->places[$key] ?? null;
            if (null !== $earlier) {
                $candidates[$earlier] = $this->ofFile[$earlier];
            }
        }

        return [] === $candidates ? null : $this->rule->best($this->batch[$place], $candidates);
    }

    /** This one is new: those behind it are compared with it too. */
    public function remember(int $place): void
    {
        $this->ofFile[$place] = $this->batch[$place];
        foreach ($this->keys[$place] as $key) {
            if (!isset($this->places[$key])) {
                $this->places[$key] = $this->fresh[$key] = $place;
            }
        }
    }

    /** @return array<string, int> the places of the new records of this batch, by key */
    public function fresh(): array
    {
        return $this->fresh;
    }
}
