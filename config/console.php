<?php

declare(strict_types=1);

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Input\ArgvInput;
use TinLantern\Platform\Kernel;

require dirname(__DIR__).'/vendor/autoload.php';

exit((new Application(new Kernel((string) getenv('APP_ENV'), (bool) getenv('APP_DEBUG'))))->run(new ArgvInput()));
