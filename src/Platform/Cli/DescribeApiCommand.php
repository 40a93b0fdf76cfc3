<?php

declare(strict_types=1);

namespace TinLantern\Platform\Cli;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use TinLantern\Platform\Api\Description\ApiDescription;
use TinLantern\Platform\Json;

#[AsCommand('api:describe', 'Writes the description of the API (OpenAPI 3.1) to a file')]
final readonly class DescribeApiCommand
{
    public function __construct(private ApiDescription $description)
    {
    }

    public function __invoke(#[Argument('the file')] string $file): int
    {
        return false === file_put_contents($file, Json::encode($this->description->toArray())) ? Command::FAILURE : Command::SUCCESS;
    }
}
