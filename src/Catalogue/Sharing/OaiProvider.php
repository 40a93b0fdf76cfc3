<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sharing;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use TinLantern\Catalogue\RecordItems;
use TinLantern\Core\Marc\DublinCoreWriter;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Marc\NotExpressible;
use TinLantern\Core\Marc\XmlText;

/**
 * The own catalogue as an OAI-PMH data provider, so that a union catalogue can harvest it: all verbs, oai_dc and marcxml, resumption
 * tokens, and records that were removed.
 *
 * @see Open Archives Initiative Protocol for Metadata Harvesting 2.0
 */
final readonly class OaiProvider
{
    private const PAGE = 200;
    private const FORMATS = [
        'oai_dc' => ['http://www.openarchives.org/OAI/2.0/oai_dc.xsd', 'http://www.openarchives.org/OAI/2.0/oai_dc/'],
        'marcxml' => ['http://www.loc.gov/standards/marcxml/schema/MARC21slim.xsd', 'http://www.loc.gov/MARC21/slim'],
    ];
    private const ALLOWED = [
        'Identify' => [], 'ListMetadataFormats' => ['identifier'], 'ListSets' => ['resumptionToken'], 'GetRecord' => ['identifier', 'metadataPrefix'],
        'ListIdentifiers' => ['from', 'until', 'set', 'metadataPrefix', 'resumptionToken'], 'ListRecords' => ['from', 'until', 'set', 'metadataPrefix', 'resumptionToken'],
    ];

    public function __construct(private Connection $connection, private RecordItems $items, private ClockInterface $clock, private Harvests $harvests, private string $domain)
    {
    }

    public function answer(Request $request): string
    {
        /** @var array<string, string> $asked */
        $asked = array_filter('POST' === $request->getMethod() ? $request->request->all() : $request->query->all(), \is_string(...));
        $verb = $asked['verb'] ?? '';
        unset($asked['verb']);
        $base = $request->getSchemeAndHttpHost().'/oai';
        try {
            $this->check($verb, $asked);
            $content = match ($verb) {
                'Identify' => $this->identify($base),
                'ListMetadataFormats' => $this->formats($asked),
                'ListSets' => throw new OaiProblem('noSetHierarchy', 'This repository has no sets.'),
                'GetRecord' => $this->one($asked),
                default => $this->list($verb, $asked),
            };
            $attributes = implode('', array_map(static fn (string $name, string $value): string => ' '.$name.'="'.XmlText::saidBack($value).'"', array_keys($asked), $asked));

            return $this->response("<request verb=\"{$verb}\"{$attributes}>{$base}</request>\n<{$verb}>\n{$content}</{$verb}>\n");
        } catch (OaiProblem $problem) {
            $isKnown = !\in_array($problem->problemCode, ['badVerb', 'badArgument'], true);

            return $this->response('<request'.($isKnown ? " verb=\"{$verb}\"" : '').">{$base}</request>\n<error code=\"{$problem->problemCode}\">".XmlText::saidBack($problem->getMessage())."</error>\n");
        }
    }

    /** @param array<string, string> $asked */
    private function check(string $verb, array $asked): void
    {
        if (!isset(self::ALLOWED[$verb])) {
            throw new OaiProblem('badVerb', '' === $verb ? 'The verb is missing.' : \sprintf('There is no verb %s.', $verb));
        }
        $unknown = array_diff(array_keys($asked), self::ALLOWED[$verb]);
        if ([] !== $unknown) {
            throw new OaiProblem('badArgument', \sprintf('%s does not take %s.', $verb, reset($unknown)));
        }
        if (isset($asked['set'])) {
            throw new OaiProblem('noSetHierarchy', 'This repository has no sets.');
        }
    }

    private function identify(string $base): string
    {
        $earliest = $this->connection->fetchOne('SELECT LEAST(COALESCE((SELECT MIN(shared_at) FROM record), NOW()), COALESCE((SELECT MIN(removed_at) FROM removed_record), NOW()))');

        return "<repositoryName>Tin Lantern</repositoryName>\n<baseURL>{$base}</baseURL>\n<protocolVersion>2.0</protocolVersion>\n<adminEmail>catalogue@{$this->domain}</adminEmail>\n"
            .'<earliestDatestamp>'.OaiMoment::written(\is_string($earliest) ? $earliest : 'now')."</earliestDatestamp>\n<deletedRecord>persistent</deletedRecord>\n<granularity>YYYY-MM-DDThh:mm:ssZ</granularity>\n";
    }

    /** @param array<string, string> $asked */
    private function formats(array $asked): string
    {
        if (isset($asked['identifier'])) {
            $this->rows(['id' => OaiMoment::recordIn($this->domain, $asked['identifier'])], 'id = :id', 1);
        }
        $xml = '';
        foreach (self::FORMATS as $prefix => [$schema, $namespace]) {
            $xml .= "<metadataFormat><metadataPrefix>{$prefix}</metadataPrefix><schema>{$schema}</schema><metadataNamespace>{$namespace}</metadataNamespace></metadataFormat>\n";
        }

        return $xml;
    }

    /** @param array<string, string> $asked */
    private function one(array $asked): string
    {
        $format = self::format($asked);
        $rows = $this->rows(['id' => OaiMoment::recordIn($this->domain, $asked['identifier'] ?? throw new OaiProblem('badArgument', 'The identifier is missing.'))], 'id = :id', 1);

        return $this->records($rows, $format, false);
    }

    /** @param array<string, string> $asked */
    private function list(string $verb, array $asked): string
    {
        $this->harvests->note();
        $place = isset($asked['resumptionToken']) ? OaiPlace::read($asked['resumptionToken'], \count($asked)) : OaiPlace::begin(self::format($asked), $asked['from'] ?? null, $asked['until'] ?? null, $this->clock->now());
        $condition = '{at} <= :until AND ({at} > :behind OR ({at} = :behind AND id > :id))';
        $rows = $this->rows(['until' => $place->until, 'behind' => $place->at, 'id' => $place->id], $condition, self::PAGE + 1);
        $shown = \array_slice($rows, 0, self::PAGE);
        $last = $shown[\count($shown) - 1];
        $token = \count($rows) > self::PAGE ? $place->behind($last['at'], $last['id'])->written() : '';
        $resumption = '' === $token && !isset($asked['resumptionToken']) ? '' : "<resumptionToken>{$token}</resumptionToken>\n";

        return $this->records($shown, $place->format, 'ListIdentifiers' === $verb).$resumption;
    }

    /**
     * Records and removed ones in the order in which they changed.
     *
     * @param array<string, string|int> $values
     *
     * @return non-empty-list<array{id: int, at: string, marc: string|null}>
     */
    private function rows(array $values, string $condition, int $limit): array
    {
        /** @var list<array{id: int, at: string, marc: string|null}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT id, at, marc FROM (
               (SELECT id, shared_at AS at, marc FROM record WHERE '.str_replace('{at}', 'shared_at', $condition)." ORDER BY shared_at, id LIMIT {$limit})
               UNION ALL (SELECT id, removed_at, NULL FROM removed_record WHERE ".str_replace('{at}', 'removed_at', $condition)." AND id NOT IN (SELECT id FROM record) ORDER BY removed_at, id LIMIT {$limit})) AS changes
             ORDER BY at, id LIMIT {$limit}",
            $values,
        );
        if ([] === $rows) {
            throw isset($values['behind']) ? new OaiProblem('noRecordsMatch', 'Nothing has changed in that time.') : new OaiProblem('idDoesNotExist', 'There is no such record.');
        }

        return $rows;
    }

    /** @param list<array{id: int, at: string, marc: string|null}> $rows */
    private function records(array $rows, string $format, bool $headersOnly): string
    {
        $living = [];
        foreach ($rows as $row) {
            if (null !== $row['marc'] && !$headersOnly) {
                $living[$row['id']] = LineText::parse($row['marc']);
            }
        }
        $living = [] === $living ? [] : $this->items->embedIn($living, true);
        $xml = '';
        foreach ($rows as $row) {
            $header = '<header'.(null === $row['marc'] ? ' status="deleted"' : '').'><identifier>'.OaiMoment::identifier($this->domain, $row['id']).'</identifier><datestamp>'.OaiMoment::written($row['at']).'</datestamp></header>';
            try {
                $record = $living[$row['id']] ?? null;
                $metadata = null === $record ? '' : '<metadata>'.('oai_dc' === $format ? (new DublinCoreWriter())->write($record) : preg_replace('/^<record>/', '<record xmlns="http://www.loc.gov/MARC21/slim">', (new MarcXmlWriter())->write($record))).'</metadata>';
                $xml .= $headersOnly ? $header."\n" : "<record>{$header}{$metadata}</record>\n";
            } catch (NotExpressible) {
                continue;
            }
        }

        return $xml;
    }

    /** @param array<string, string> $asked */
    private static function format(array $asked): string
    {
        $prefix = $asked['metadataPrefix'] ?? throw new OaiProblem('badArgument', 'The metadataPrefix is missing.');

        return isset(self::FORMATS[$prefix]) ? $prefix : throw new OaiProblem('cannotDisseminateFormat', \sprintf('There is no format %s; there are oai_dc and marcxml.', $prefix));
    }

    private function response(string $content): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'."\n"
            .'<OAI-PMH xmlns="http://www.openarchives.org/OAI/2.0/" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance" xsi:schemaLocation="http://www.openarchives.org/OAI/2.0/ http://www.openarchives.org/OAI/2.0/OAI-PMH.xsd">'."\n"
            .'<responseDate>'.$this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z')."</responseDate>\n".$content."</OAI-PMH>\n";
    }
}
