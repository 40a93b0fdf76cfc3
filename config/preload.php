<?php

declare(strict_types=1);

/*
 * Loads the compiled application's classes once, when PHP-FPM starts.
 */
$preload = (string) getenv('TL_VAR').'/cache/'.getenv('APP_ENV').'/TinLantern_Platform_Kernel'.ucfirst((string) getenv('APP_ENV')).'Container.preload.php';
if (is_file($preload)) {
    require $preload;
}
