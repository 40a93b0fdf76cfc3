<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Jobs as a person does them, in a real Chromium, at the application as it is used. A scanner is a keyboard that types fast.
 */
abstract class BrowserTestCase extends TestCase
{
    private const CHROMIUM = ['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--force-device-scale-factor=1'];
    private const PATIENCE = 15;

    protected RemoteWebDriver $page;
    protected LiveHouse $house;
    private Process $chromedriver;
    private string $profile;

    protected function setUp(): void
    {
        $this->house = new LiveHouse();
        $port = self::freePort();
        $this->chromedriver = new Process(['chromedriver', '--port='.$port]);
        $this->chromedriver->start();
        $this->chromedriver->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'started successfully'));
        $this->profile = sys_get_temp_dir().'/tin-lantern-browser-'.bin2hex(random_bytes(6));
        $capabilities = DesiredCapabilities::chrome();
        $options = (new ChromeOptions())->addArguments([...self::CHROMIUM, '--user-data-dir='.$this->profile]);
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $this->page = RemoteWebDriver::create('http://127.0.0.1:'.$port, $capabilities, 30_000, 60_000);
        $this->resize(1280, 800);
    }

    protected function tearDown(): void
    {
        if (isset($this->page)) {
            $this->page->quit();
        }
        $this->chromedriver->stop();
        (new Process(['rm', '-rf', $this->profile]))->run();
    }

    protected function resize(int $width, int $height): void
    {
        $this->developerTools()->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    protected function cutNetwork(bool $isCut): void
    {
        $this->developerTools()->execute('Network.enable');
        $this->developerTools()->execute('Network.emulateNetworkConditions', ['offline' => $isCut, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    /** Signs in by the form, with the keyboard alone. */
    protected function signIn(string $name, string $desk = 'Desk 1'): void
    {
        $this->page->get($this->house->address.'/');
        $this->see('#field-name');
        $this->page->executeScript('localStorage.setItem("tl.desk", arguments[0]); localStorage.setItem("tl.sounds", "off")', [$desk]);
        $this->page->navigate()->refresh();
        $this->see('#field-name')->sendKeys($name.WebDriverKeys::TAB.LiveHouse::PASSWORD.WebDriverKeys::ENTER);
        $this->see('.lanes');
    }

    /** As a scanner types: the time of each stroke is the scanner's own, however busy the page is. */
    protected function scan(string $code): void
    {
        $tools = $this->developerTools();
        $at = microtime(true);
        foreach ([...mb_str_split($code), "\r"] as $place => $character) {
            $stroke = ['timestamp' => $at + $place * 0.005, 'key' => "\r" === $character ? 'Enter' : $character] + ("\r" === $character ? ['code' => 'Enter', 'windowsVirtualKeyCode' => 13] : []);
            $tools->execute('Input.dispatchKeyEvent', ['type' => 'keyDown', 'text' => $character] + $stroke);
            $tools->execute('Input.dispatchKeyEvent', ['type' => 'keyUp'] + $stroke);
        }
    }

    protected function keys(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->page->getKeyboard()->sendKeys($key);
        }
    }

    protected function alt(string $key): void
    {
        $this->page->action()->keyDown(null, WebDriverKeys::ALT)->sendKeys(null, $key)->keyUp(null, WebDriverKeys::ALT)->perform();
    }

    /** The element, as soon as it is there; the test fails when it does not come. */
    protected function see(string $css, string $text = ''): WebDriverElement
    {
        $found = null;
        $this->until(function () use ($css, $text, &$found): bool {
            foreach ($this->page->findElements(WebDriverBy::cssSelector($css)) as $element) {
                if ('' === $text || str_contains($element->getText(), $text)) {
                    $found = $element;

                    return true;
                }
            }

            return false;
        }, "{$css} {$text}");
        self::assertInstanceOf(WebDriverElement::class, $found);

        return $found;
    }

    /** @param \Closure(): bool $condition */
    protected function until(\Closure $condition, string $what): void
    {
        try {
            $this->page->wait(self::PATIENCE, 50)->until(static function () use ($condition): bool {
                try {
                    return $condition();
                } catch (StaleElementReferenceException) {
                    return false;
                }
            }, $what);
        } catch (\Facebook\WebDriver\Exception\TimeoutException) {
            self::fail("This did not come: {$what}. The page says:\n".$this->page->findElement(WebDriverBy::tagName('body'))->getText());
        }
    }

    /** Chooses from a list by the keyboard: opens it, goes down to the entry, takes it. */
    protected function choose(string $field, string $entry): void
    {
        $this->see("#field-{$field}")->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=listbox] [role=option]', $entry);
        $this->keys(WebDriverKeys::HOME);
        $this->until(function () use ($entry): bool {
            if ($entry === $this->page->executeScript('return document.activeElement.textContent')) {
                return true;
            }
            $this->keys(WebDriverKeys::ARROW_DOWN);

            return false;
        }, "{$entry} has the focus");
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => [] === $this->page->findElements(WebDriverBy::cssSelector('[role=listbox] [role=option]')) && $entry === $this->see("#field-{$field}")->getText(), "{$entry} is chosen");
    }

    protected function tapeLines(): int
    {
        return \count($this->page->findElements(WebDriverBy::cssSelector('.tape-line')));
    }

    protected function developerTools(): ChromeDevToolsDriver
    {
        return new ChromeDevToolsDriver($this->page);
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($socket);
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }
}
