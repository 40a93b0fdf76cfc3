<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * What is wanted, without what is not.
 */
final readonly class AndNot implements SearchExpression
{
    public function __construct(public SearchExpression $wanted, public SearchExpression $unwanted)
    {
    }
}
