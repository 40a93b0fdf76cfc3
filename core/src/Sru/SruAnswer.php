<?php

declare(strict_types=1);

namespace TinLantern\Core\Sru;

use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlReader;

/**
 * What an SRU server has answered, in whichever version.
 */
final readonly class SruAnswer
{
    /**
     * @param list<MarcRecord> $records    those that could be read
     * @param int              $unreadable how many could not
     * @param string|null      $diagnostic what the server could not do
     */
    private function __construct(public int $total, public array $records, public int $unreadable, public ?string $diagnostic)
    {
    }

    /** @throws NoSruAnswer when it is something else */
    public static function read(string $xml): self
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $isRead = '' !== $xml && $document->loadXML($xml, \LIBXML_NONET | \LIBXML_PARSEHUGE);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (!$isRead || 'searchRetrieveResponse' !== $document->documentElement?->localName) {
            throw new NoSruAnswer('What came back is no SRU response.');
        }
        $path = new \DOMXPath($document);
        $diagnostic = $path->query('//*[local-name() = "diagnostic"]');
        $first = false === $diagnostic ? null : $diagnostic->item(0);
        $records = [];
        $unreadable = 0;
        $data = $path->query('//*[local-name() = "recordData"]');
        foreach (false === $data ? [] : $data as $element) {
            foreach ($element instanceof \DOMElement ? self::recordsIn($element, $document) : [] as $record) {
                $record instanceof MarcRecord ? $records[] = $record->composed() : ++$unreadable;
            }
        }
        $total = $path->evaluate('string(//*[local-name() = "numberOfRecords"])');

        return new self(\is_string($total) && ctype_digit($total) ? (int) $total : \count($records), $records, $unreadable, $first instanceof \DOMElement ? trim($first->textContent) : null);
    }

    /** @return iterable<MarcRecord|MalformedRecord> */
    private static function recordsIn(\DOMElement $data, \DOMDocument $document): iterable
    {
        $child = $data->firstElementChild;
        // Packed as a string, the record is text.
        $xml = null === $child ? $data->textContent : (string) $document->saveXML($child);

        return (new MarcXmlReader())->read([self::withNamespaces($xml, $child)]);
    }

    /** A prefix that is declared further out has to be declared here too. */
    private static function withNamespaces(string $xml, ?\DOMElement $element): string
    {
        $prefix = $element->prefix ?? '';

        return '' === $prefix || str_contains($xml, 'xmlns:'.$prefix) ? $xml : preg_replace('/^<'.preg_quote($prefix, '/').':record/', '<'.$prefix.':record xmlns:'.$prefix.'="'.($element->namespaceURI ?? '').'"', $xml) ?? $xml;
    }
}
