<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * What is looked for, in words that {@see \TinLantern\Core\Search\SearchWords} has made: no syntax of any engine.
 */
interface SearchExpression
{
}
