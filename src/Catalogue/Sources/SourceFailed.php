<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

use TinLantern\Platform\Problem\Problem;

/**
 * An outside catalogue has not answered as it should.
 */
final class SourceFailed extends Problem
{
    public function __construct(string $sentence)
    {
        parent::__construct(424, 'This source has failed', 'source-failed', $sentence);
    }
}
