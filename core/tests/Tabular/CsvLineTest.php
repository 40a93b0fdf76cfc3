<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Tabular;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Tabular\CsvLine;

final class CsvLineTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string}> */
    public static function lines(): iterable
    {
        yield 'plain cells' => [['1', 'Tides of Skellin', ''], '1,Tides of Skellin,'];
        yield 'a comma' => [['Venn, Mara'], '"Venn, Mara"'];
        yield 'quotation marks' => [['The "Tern"'], '"The ""Tern"""'];
        yield 'a line end within' => [["one\r\ntwo"], "\"one\r\ntwo\""];
        yield 'what a spreadsheet would calculate' => [['=1+1', '+49', '-5', '@x'], "'=1+1,'+49,'-5,'@x"];
        yield 'and it has a comma' => [['=SUM(A1,A2)'], '"\'=SUM(A1,A2)"'];
        yield 'other scripts' => [['航海圖志'], '航海圖志'];
    }

    /** @param list<string> $cells */
    #[DataProvider('lines')]
    public function testALineIsReadAsItWasMeant(array $cells, string $line): void
    {
        self::assertSame($line."\r\n", CsvLine::write($cells));
    }

    public function testEveryLineComesBackCellByCell(): void
    {
        $odd = ['', ' ', ',', '"', '""', "a\nb", 'a"b,c', 'Ωκεανός'];
        foreach ($odd as $one) {
            foreach ($odd as $other) {
                self::assertSame([$one, $other], str_getcsv(rtrim(CsvLine::write([$one, $other]), "\r\n"), ',', '"', ''));
            }
        }
    }
}
