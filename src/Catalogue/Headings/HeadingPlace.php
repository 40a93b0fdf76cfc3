<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

/**
 * A place in the list of headings. Mostly one heading stands there; those that sort alike stand together.
 */
final readonly class HeadingPlace
{
    /**
     * @param string                      $key      by which places are sorted
     * @param non-empty-list<HeadingView> $headings
     */
    public function __construct(public string $key, public array $headings)
    {
    }
}
