<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sharing;

/**
 * Why a harvester cannot be answered, by the code of OAI-PMH.
 */
final class OaiProblem extends \RuntimeException
{
    public function __construct(public readonly string $problemCode, string $sentence)
    {
        parent::__construct($sentence);
    }
}
