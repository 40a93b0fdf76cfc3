<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Catalogue\Intake\IntakeCounts;
use TinLantern\Catalogue\Search\SearchField;
use TinLantern\Catalogue\Search\SearchOrder;
use TinLantern\Circulation\CheckInReversal;
use TinLantern\Circulation\CheckOutReversal;
use TinLantern\Circulation\Desk\Lane;
use TinLantern\Circulation\RenewalReversal;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Core\Lending\Reason;
use TinLantern\Core\Marc\Format;
use TinLantern\Journal\Subject;

/**
 * Whatever the application can say by a code has its words in the interface.
 */
final class WordsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> part of the texts, codes */
    public static function codes(): iterable
    {
        $reasons = self::quoted((string) file_get_contents((string) (new \ReflectionClass(Reason::class))->getFileName()), "/new self\\('([a-z-]+)'/");
        yield 'reasons' => ['reasons', $reasons];
        yield 'item statuses' => ['status', array_column(ItemStatus::cases(), 'value')];
        yield 'formats' => ['formats', array_column(Format::cases(), 'value')];
        yield 'lanes' => ['lanes', array_column(Lane::cases(), 'value')];
        yield 'subjects of the journal' => ['subjects', array_column(Subject::cases(), 'value')];
        yield 'search fields' => ['fields', array_column(SearchField::cases(), 'value')];
        yield 'orders' => ['sorts', array_values(array_diff(array_column(SearchOrder::cases(), 'value'), ['number']))]; // that one is for files only
        yield 'counts of a file' => ['told', array_map(static fn (\ReflectionProperty $count): string => $count->getName(), (new \ReflectionClass(IntakeCounts::class))->getProperties())];
        $acts = [CheckOutReversal::act(), CheckInReversal::act(), RenewalReversal::act()];
        $files = new \RegexIterator(new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(__DIR__.'/../../src')), '/\.php$/');
        foreach ($files as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            array_push($acts, ...self::quoted((string) file_get_contents($file->getPathname()), "/->tell\\(\\\$actor, '([a-z-]+)'/"));
        }
        yield 'acts of the journal' => ['acts', array_values(array_unique($acts))];
    }

    /** @param list<string> $codes */
    #[DataProvider('codes')]
    public function testEveryCodeHasItsWords(string $part, array $codes): void
    {
        self::assertGreaterThan(2, \count($codes));
        $texts = implode('', array_map(static fn (string $file): string => (string) file_get_contents(__DIR__."/../../web/src/i18n/{$file}.ts"), ['en', 'desk', 'journal']));
        self::assertSame(1, preg_match("/\\b{$part}: \\{(.*?)\\}/s", str_replace(['{{', '}}'], '', $texts), $found), $part);
        $known = self::quoted($found[1] ?? '', "/(?:^|[\\s,{])'?([A-Za-z-]+)'?:/");
        self::assertSame([], array_values(array_diff($codes, $known)), "without words among the {$part}");
    }

    /** @return list<string> */
    private static function quoted(string $text, string $pattern): array
    {
        preg_match_all($pattern, $text, $found);

        return $found[1] ?? [];
    }
}
