<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;
use TinLantern\Core\Labels\LineBreaks;
use TinLantern\Core\Labels\ZplLabel;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Sends labels to a label printer. They wait until somebody says that they came out well.
 */
final readonly class SendLabels
{
    private const WAIT_SECONDS = 5;

    public function __construct(private LabelPrinters $printers, private LabelSheets $sheets, private WaitingLabels $waiting, private HttpClientInterface $client)
    {
    }

    public function __invoke(LabelJob $job): SentLabelsView
    {
        $printer = $this->printers->find($job->printer) ?? throw NotFound::of('label printer', $job->printer);
        $sheet = $this->sheets->find($printer->sheet) ?? throw NotFound::of('label sheet', $printer->sheet);
        $labels = [] === $job->items ? $this->waiting->all() : $this->waiting->of($job->items);
        if ([] === $labels) {
            throw new Invalid(['items' => 'There is no label to print.']);
        }
        $zpl = new ZplLabel($sheet, $printer->dotsPerMm);
        $pages = array_map(static fn (LabelView $label): string => 'spine' === $job->kind
            ? $zpl->spine(LineBreaks::of($label->callNumber, $sheet->characters()))
            : $zpl->barcode($label->title, $label->barcode, 'code39' === $job->kind), $labels);
        $this->send($printer, $job->id, implode('', $pages));

        return new SentLabelsView($printer->name, array_map(static fn (LabelView $label): int => $label->item, $labels));
    }

    private function send(LabelPrinter $printer, string $job, string $zpl): void
    {
        $isTaken = str_starts_with($printer->address, 'tcp://') ? $this->write($printer->address, $zpl) : $this->post($printer->address, $job, $zpl);
        if (!$isTaken) {
            throw new Conflict('printer-away', \sprintf('"%s" does not answer. Nothing was printed, and the labels wait. Look whether it is switched on, or print a PDF.', $printer->name));
        }
    }

    private function post(string $address, string $job, string $zpl): bool
    {
        try {
            return $this->client->request('POST', $address, ['body' => $zpl, 'headers' => ['Content-Type' => 'application/zpl', 'X-Job' => $job], 'timeout' => self::WAIT_SECONDS, 'max_duration' => self::WAIT_SECONDS])->getStatusCode() < 300;
        } catch (ExceptionInterface) {
            return false;
        }
    }

    private function write(string $address, string $zpl): bool
    {
        $line = @stream_socket_client($address, $code, $message, self::WAIT_SECONDS);
        if (false === $line) {
            return false;
        }
        stream_set_timeout($line, self::WAIT_SECONDS);
        for ($sent = 0; $sent < \strlen($zpl); $sent += $count) {
            $count = @fwrite($line, substr($zpl, $sent));
            if (false === $count || 0 === $count) {
                return false;
            }
        }

        return fclose($line);
    }
}
