<?php

declare(strict_types=1);

namespace TinLantern\Core\Sru;

use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Marc\XmlText;

/**
 * Writes the answers of an SRU server.
 *
 * @see SRU 1.1 and 1.2 (namespace http://www.loc.gov/zing/srw/); OASIS searchRetrieve: Part 3. SRU 2.0
 */
final class SruResponse
{
    public const SCHEMAS = ['marcxml' => 'info:srw/schema/1/marcxml-v1.1', 'dc' => 'info:srw/schema/1/dc-v1.1'];

    /**
     * @param bool               $isExact whether the total is all there are; there may be more otherwise
     * @param array<int, string> $records XML of each record by its position in the result, from 1
     * @param int|null           $next    position of the first one that follows; null at the end
     */
    public static function records(SruVersion $version, int $total, bool $isExact, array $records, string $schema, ?int $next, bool $isEscaped): string
    {
        $xml = '';
        foreach ($records as $position => $record) {
            $data = preg_replace('/^<\?xml[^>]*\?>\s*/', '', $record) ?? $record;
            $xml .= '<record><recordSchema>'.self::SCHEMAS[$schema].'</recordSchema>'
                .(SruVersion::V20 === $version ? '<recordXMLEscaping>'.($isEscaped ? 'string' : 'xml').'</recordXMLEscaping>' : '<recordPacking>'.($isEscaped ? 'string' : 'xml').'</recordPacking>')
                .'<recordData>'.($isEscaped ? XmlText::of($data) : $data).'</recordData><recordPosition>'.$position."</recordPosition></record>\n";
        }

        return self::searchRetrieve($version, "<numberOfRecords>{$total}</numberOfRecords>\n"
            .('' === $xml ? '' : "<records>\n{$xml}</records>\n")
            .(null === $next ? '' : "<nextRecordPosition>{$next}</nextRecordPosition>\n")
            .(SruVersion::V20 === $version ? '<resultCountPrecision>info:srw/vocabulary/resultCountPrecision/1/'.($isExact ? 'exact' : 'minimum')."</resultCountPrecision>\n" : ''));
    }

    public static function problem(SruVersion $version, CqlProblem $problem): string
    {
        $diagnostic = '<diagnostics><diagnostic xmlns="'.$version->diagnosticNamespace().'"><uri>info:srw/diagnostic/1/'.$problem->diagnostic.'</uri>'
            .'<details>'.XmlText::saidBack($problem->details).'</details><message>'.XmlText::of($problem->getMessage())."</message></diagnostic></diagnostics>\n";

        return self::searchRetrieve($version, "<numberOfRecords>0</numberOfRecords>\n".$diagnostic);
    }

    /** @param array<string, string> $indexes their titles by name, as in dc.title */
    public static function explain(SruVersion $version, string $host, int $port, string $database, string $title, array $indexes): string
    {
        $map = '';
        foreach ($indexes as $name => $indexTitle) {
            [$set, $index] = explode('.', $name, 2) + [1 => ''];
            $map .= '<index><title>'.XmlText::of($indexTitle).'</title><map><name set="'.$set.'">'.$index."</name></map></index>\n";
        }
        $zeerex = '<explain xmlns="http://explain.z3950.org/dtd/2.0/"><serverInfo protocol="SRU" version="2.0" transport="http" method="GET"><host>'.XmlText::of($host)."</host><port>{$port}</port><database>{$database}</database></serverInfo>\n"
            .'<databaseInfo><title lang="en" primary="true">'.XmlText::of($title)."</title></databaseInfo>\n<indexInfo>"
            .'<set name="cql" identifier="info:srw/cql-context-set/1/cql-v1.2"/><set name="dc" identifier="info:srw/cql-context-set/1/dc-v1.1"/><set name="bib" identifier="info:srw/cql-context-set/1/bib-v1.0"/><set name="rec" identifier="info:srw/cql-context-set/2/rec-1.1"/><set name="bath" identifier="http://zing.z3950.org/cql/bath/2.0/"/>'
            ."\n{$map}</indexInfo>\n<schemaInfo><schema name=\"marcxml\" identifier=\"info:srw/schema/1/marcxml-v1.1\"><title>MARCXML</title></schema><schema name=\"dc\" identifier=\"info:srw/schema/1/dc-v1.1\"><title>Dublin Core</title></schema></schemaInfo>\n"
            ."<configInfo><default type=\"numberOfRecords\">10</default><setting type=\"maximumRecords\">100</setting></configInfo></explain>\n";
        $packing = SruVersion::V20 === $version ? '<recordXMLEscaping>xml</recordXMLEscaping>' : '<recordPacking>xml</recordPacking>';

        return self::head().'<explainResponse xmlns="'.$version->namespace().'"><version>'.$version->value."</version>\n<record><recordSchema>http://explain.z3950.org/dtd/2.0/</recordSchema>{$packing}<recordData>{$zeerex}</recordData></record></explainResponse>\n";
    }

    private static function searchRetrieve(SruVersion $version, string $content): string
    {
        return self::head().'<searchRetrieveResponse xmlns="'.$version->namespace().'"><version>'.$version->value."</version>\n{$content}</searchRetrieveResponse>\n";
    }

    private static function head(): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'."\n";
    }
}
