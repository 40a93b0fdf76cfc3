<?php

declare(strict_types=1);

namespace TinLantern\Platform;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as SymfonyKernel;

final class Kernel extends SymfonyKernel
{
    use MicroKernelTrait;

    public function __construct(string $environment, bool $debug)
    {
        date_default_timezone_set('UTC');
        parent::__construct($environment, $debug);
    }

    public function getProjectDir(): string
    {
        return \dirname(__DIR__, 2);
    }

    public function getCacheDir(): string
    {
        return getenv('TL_VAR').'/cache/'.$this->environment.($this->debug ? '-debug' : '');
    }

    public function getLogDir(): string
    {
        return getenv('TL_VAR').'/log';
    }
}
