<?php

declare(strict_types=1);

/*
 * The outside world, simulated: three catalogues that answer by SRU, of which one is quick, one is slow, one is
 * sometimes down; and a label printer. The path names which.
 */

use TinLantern\Core\Sru\SruVersion;
use TinLantern\Standins\LabelPrinter;
use TinLantern\Standins\StandinCatalogue;

require dirname(__DIR__).'/vendor/autoload.php';

$directory = getenv('TL_VAR').'/standins';
$catalogues = [
    '/farrowhythe' => new StandinCatalogue('Farrowhythe College', 'farrowhythe', 11, $directory),
    '/mainland' => new StandinCatalogue('Mainland Exchange', 'mainland', 12, $directory),
    '/skellin' => new StandinCatalogue('Skellin Observatory Library', 'skellin', 13, $directory),
];
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], \PHP_URL_PATH);
if ('/printer' === $path) {
    $printer = new LabelPrinter($directory.'/printer');
    if ('POST' === $_SERVER['REQUEST_METHOD']) {
        $printer->print((string) ($_SERVER['HTTP_X_JOB'] ?? bin2hex(random_bytes(8))), (string) file_get_contents('php://input'));
        http_response_code(202);

        return;
    }
    header('Content-Type: text/html; charset=UTF-8');
    echo $printer->page();

    return;
}
$catalogue = $catalogues[$path] ?? null;
if (null === $catalogue) {
    http_response_code(404);

    return;
}
if ('/mainland' === $path) {
    usleep(2_500_000);
}
if ('/skellin' === $path) {
    // Every third request finds it down.
    $counter = fopen($directory.'.count', 'c+');
    assert(false !== $counter);
    flock($counter, \LOCK_EX);
    $count = (int) stream_get_contents($counter) + 1;
    ftruncate($counter, 0);
    rewind($counter);
    fwrite($counter, (string) $count);
    fclose($counter);
    if (0 === $count % 3) {
        http_response_code(503);

        return;
    }
}
header('Content-Type: application/xml; charset=UTF-8');
$asked = array_map(static fn (mixed $value): string => is_string($value) ? $value : '', $_GET);
echo $catalogue->answer($asked, SruVersion::tryFrom($asked['version'] ?? '') ?? SruVersion::V20);
