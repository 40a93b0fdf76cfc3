<?php

declare(strict_types=1);

use Symfony\Component\HttpFoundation\Request;
use TinLantern\Platform\Kernel;

require dirname(__DIR__).'/vendor/autoload.php';

$kernel = new Kernel((string) getenv('APP_ENV'), (bool) getenv('APP_DEBUG'));
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
