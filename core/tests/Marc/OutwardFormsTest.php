<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\DublinCoreWriter;
use TinLantern\Core\Marc\ModsWriter;
use TinLantern\Core\Marc\NotExpressible;
use TinLantern\Core\Marc\RecordWriter;
use TinLantern\Core\Marc\RisWriter;

/**
 * The forms that records go out in and do not come in by.
 */
final class OutwardFormsTest extends TestCase
{
    public function testDublinCoreTellsTheElementsOfARecord(): void
    {
        $xml = self::parsed(new DublinCoreWriter());
        $texts = static fn (string $name): array => array_map(static fn (\DOMElement $element): string => $element->textContent, iterator_to_array($xml->getElementsByTagNameNS('http://purl.org/dc/elements/1.1/', $name), false));
        self::assertSame(["The tides of Skellin : a pilot's book"], $texts('title'));
        self::assertSame(['Venn, Mara'], $texts('creator'));
        self::assertSame(['Port Vesper : Lamp & Anchor'], $texts('publisher'));
        self::assertSame(['Tides Skellin'], $texts('subject'));
        self::assertSame([['2019'], ['eng'], ['Text'], ['9795000000426']], [$texts('date'), $texts('language'), $texts('type'), $texts('identifier')]);
    }

    public function testModsTellsTitleNamesOriginAndSubjectsApart(): void
    {
        $xml = self::parsed(new ModsWriter());
        $path = new \DOMXPath($xml);
        $path->registerNamespace('m', 'http://www.loc.gov/mods/v3');
        $text = static fn (string $query): mixed => $path->evaluate("string({$query})");
        self::assertSame(['The', 'tides of Skellin', "a pilot's book"], [$text('//m:nonSort'), $text('//m:titleInfo/m:title'), $text('//m:subTitle')]);
        self::assertSame(['Venn, Mara', 'author', 'primary'], [$text('//m:name/m:namePart'), $text('//m:roleTerm'), $text('//m:name/@usage')]);
        self::assertSame(['Port Vesper', 'Lamp & Anchor', '2019'], [$text('//m:placeTerm'), $text('//m:publisher'), $text('//m:dateIssued')]);
        self::assertSame(['Tides', 'Skellin', 'vi0000042'], [$text('//m:subject/m:topic'), $text('//m:subject/m:geographic'), $text('//m:recordIdentifier')]);
    }

    public function testRisIsReadLineByLine(): void
    {
        $lines = explode("\r\n", (new RisWriter())->write(Records::tides()));
        self::assertSame('TY  - BOOK', $lines[0]);
        self::assertContains("TI  - The tides of Skellin : a pilot's book", $lines);
        self::assertContains('AU  - Venn, Mara', $lines);
        self::assertContains('PY  - 2019', $lines);
        self::assertContains('SN  - 9795000000426', $lines);
        self::assertSame(['ER  - ', '', ''], \array_slice($lines, -3));
    }

    public function testEveryRecordThatXmlCanCarryIsWellFormed(): void
    {
        $written = 0;
        foreach (Records::odd(200) as $record) {
            foreach ([new DublinCoreWriter(), new ModsWriter()] as $writer) {
                try {
                    $xml = $writer->head().$writer->write($record).$writer->foot();
                } catch (NotExpressible) {
                    continue;
                }
                ++$written;
                self::assertTrue((new \DOMDocument())->loadXML($xml));
            }
        }
        self::assertGreaterThan(300, $written);
    }

    private static function parsed(RecordWriter $writer): \DOMDocument
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($writer->head().$writer->write(Records::tides()).$writer->foot()));

        return $document;
    }
}
