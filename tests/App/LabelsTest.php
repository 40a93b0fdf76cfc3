<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use TinLantern\Core\Marc\LineText;

/**
 * Labels: waiting, previewed, printed at their true size, and read back by a scanner.
 */
final class LabelsTest extends AppTestCase
{
    use FilesOfRecords;

    public function testLabelsOfNewItemsWaitUntilTheyArePrinted(): void
    {
        $first = $this->anItem('300000001');
        $second = $this->anItem('300000002');
        self::assertSame([$first, $second], self::column($this->get('/api/waiting-labels'), 'item'));
        $this->send('POST', '/api/printed-labels', ['items' => [$first]], 200);
        self::assertSame([$second], self::column($this->get('/api/waiting-labels'), 'item'));
        $this->send('POST', '/api/waiting-labels', ['items' => [$first, $second]], 200);
        self::assertCount(2, $this->get('/api/waiting-labels'));
    }

    public function testLabelsOfAWholeFileWaitAndSomeAreLeftOut(): void
    {
        $record = "LDR 00000nam a2200000 i 4500\n245 10 \$aTides";
        foreach (range(300000101, 300000140) as $barcode) {
            $record .= "\n852 1# \$bLAN\$h551.46\$p{$barcode}";
        }
        $other = $this->anItem('300000001');
        $report = $this->takeIn($this->iso(LineText::parse($record)));
        self::assertCount(1, $this->get('/api/waiting-labels'), 'a file alone lets nothing wait');
        $labels = $this->send('POST', '/api/intakes/'.self::number($report, 'intake').'/waiting-labels', null, 200);
        self::assertCount(41, $labels);
        self::assertCount(41, $this->send('POST', '/api/intakes/'.self::number($report, 'intake').'/waiting-labels', null, 200), 'twice is harmless');
        $second = self::at($labels, 1, 'item');
        self::assertIsInt($second);
        $preview = $this->get("/api/label-preview?without={$other},{$second}");
        self::assertSame(range(300000102, 300000140), array_map(static fn (mixed $barcode): int => is_numeric($barcode) ? (int) $barcode : 0, self::column((array) $preview['labels'], 'barcode')));
        $this->console('catalogue:take-back', ['intake' => (string) self::number($report, 'intake')]);
        self::assertSame([$other], self::column($this->get('/api/waiting-labels'), 'item'), 'what is taken back waits no more');
    }

    public function testThePreviewShowsTheTrueLineBreaksFromTheFirstFreeLabelOn(): void
    {
        $this->anItem('300000001', ['prefix' => 'REF', 'callNumber' => '551.4609163 VEN']);
        $preview = $this->get('/api/label-preview?sheet=roll-spine');
        self::assertSame(['REF', '551', '.460', '916', '3', 'VEN'], self::at($preview, 'labels', 0, 'lines'));
        $preview = $this->get('/api/label-preview?first=7');
        self::assertSame([45.3, 32.1], [self::at($preview, 'labels', 0, 'x'), self::at($preview, 'labels', 0, 'y')]);
        $this->send('GET', '/api/label-preview?first=0', null, 422);
        $this->send('GET', '/api/label-preview?sheet=none', null, 404);
    }

    /** @return iterable<string, array{string, string}> */
    public static function symbologies(): iterable
    {
        yield 'Code 128' => ['code128', 'CODE-128'];
        yield 'Code 39' => ['code39', 'CODE-39'];
    }

    #[DataProvider('symbologies')]
    public function testAScannerReadsWhatIsPrinted(string $kind, string $symbology): void
    {
        foreach (['300000001', 'GEAR0007'] as $barcode) {
            $this->anItem($barcode);
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'labels');
        file_put_contents($file.'.pdf', $this->pdf('sheet=a4-barcode-24&kind='.$kind));
        $read = new Process(['sh', '-c', 'pdftoppm -r 200 -png "$0.pdf" "$0" && zbarimg --quiet "$0"*.png; rm -f "$0"*', $file]);
        $read->mustRun();
        foreach (['300000001', 'GEAR0007'] as $barcode) {
            self::assertStringContainsString($symbology.':'.$barcode, $read->getOutput());
        }
    }

    public function testASpineLabelIsPrintedLineByLineAtItsPlace(): void
    {
        $this->anItem('300000001', ['callNumber' => '551.46 VEN']);
        $file = (string) tempnam(sys_get_temp_dir(), 'labels');
        file_put_contents($file, $this->pdf('first=66'));
        $read = new Process(['pdftotext', '-layout', $file, '-']);
        $read->mustRun();
        unlink($file);
        [$started, $next] = explode("\f", $read->getOutput());
        self::assertSame(['', ['551.46', 'VEN']], [trim($started), preg_split('/\s+/', trim($next))]);
    }

    private function pdf(string $query): string
    {
        $this->browser->request('GET', '/api/labels?'.$query);
        $pdf = $this->browser->getInternalResponse()->getContent();
        self::assertStringStartsWith('%PDF', $pdf);

        return $pdf;
    }

    public function testAPrinterGetsTheLabelsInItsPageLanguage(): void
    {
        $this->anItem();
        $printer = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($printer);
        $this->printerAt('tcp://'.stream_socket_get_name($printer, false));
        $sent = $this->send('POST', '/api/label-jobs', ['id' => self::id(), 'printer' => 'shelf', 'kind' => 'spine'], 200);
        self::assertSame('By the shelf', $sent['printer']);
        $line = stream_socket_accept($printer, 5);
        self::assertNotFalse($line);
        $zpl = (string) stream_get_contents($line);
        self::assertStringStartsWith('^XA', $zpl);
        self::assertStringContainsString('^FD551.46^FS', $zpl);
        self::assertStringContainsString('^FDVEN^FS', $zpl);
        self::assertCount(1, $this->get('/api/waiting-labels'), 'labels wait until somebody says that they came out well');
    }

    public function testChosenLabelsGoToAPrinterInTheOrderInWhichTheyWereChosen(): void
    {
        $first = $this->anItem('300000001', ['callNumber' => '551.46 VEN']);
        $this->anItem('300000002', ['callNumber' => '598.1 TER']);
        $third = $this->anItem('300000003', ['callNumber' => '641.5 SMI']);
        $printer = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($printer);
        $this->printerAt('tcp://'.stream_socket_get_name($printer, false));
        $sent = $this->send('POST', '/api/label-jobs', ['id' => self::id(), 'printer' => 'shelf', 'kind' => 'code128', 'items' => [$third, $first, 999_999]], 200);
        self::assertSame([$third, $first], $sent['items']);
        $line = stream_socket_accept($printer, 5);
        self::assertNotFalse($line);
        $zpl = (string) stream_get_contents($line);
        self::assertSame(2, substr_count($zpl, '^XA'));
        self::assertLessThan(strpos($zpl, '300000001'), strpos($zpl, '300000003'));
        self::assertStringNotContainsString('300000002', $zpl);
        self::assertSame('items', self::at($this->send('POST', '/api/label-jobs', ['id' => self::id(), 'printer' => 'shelf', 'items' => [999_999]], 422), 'violations', 0, 'field'));
        $this->send('POST', '/api/label-jobs', ['id' => self::id(), 'printer' => 'nowhere'], 404);
    }

    public function testAPrinterThatRefusesAJobOrDoesNotAnswerByHttpIsNamed(): void
    {
        $this->anItem();
        $this->printerAt('http://127.0.0.1:1/print');
        self::assertSame('printer-away', $this->send('POST', '/api/label-jobs', ['id' => self::id(), 'printer' => 'shelf'], 409)['code']);
        self::assertCount(1, $this->get('/api/waiting-labels'));
    }

    public function testAPrinterThatIsAwayIsNamed(): void
    {
        $this->anItem();
        $this->printerAt('tcp://127.0.0.1:1');
        $refused = $this->send('POST', '/api/label-jobs', ['id' => self::id(), 'printer' => 'shelf'], 409);
        self::assertSame('printer-away', $refused['code']);
        self::assertStringContainsString('does not answer', json_encode($refused['detail'], \JSON_THROW_ON_ERROR));
    }

    public function testAPrinterIsWrittenDownWithAnAddressAndARoll(): void
    {
        $refused = $this->send('PUT', '/api/rule-book/label-printer/shelf', ['id' => self::id(), 'name' => 'By the shelf', 'content' => ['address' => 'the back room', 'sheet' => 'none', 'dotsPerMm' => 7]], 422);
        self::assertIsArray($refused['violations']);
        self::assertCount(3, $refused['violations']);
    }

    private function printerAt(string $address): void
    {
        $this->send('PUT', '/api/rule-book/label-printer/shelf', ['id' => self::id(), 'name' => 'By the shelf', 'content' => ['address' => $address, 'sheet' => 'roll-spine', 'dotsPerMm' => 8]], 200);
    }
}
