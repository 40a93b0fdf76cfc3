<?php

declare(strict_types=1);

namespace TinLantern\Core\Sru;

/**
 * The versions of SRU, with the namespaces in which they answer.
 */
enum SruVersion: string
{
    case V11 = '1.1';
    case V12 = '1.2';
    case V20 = '2.0';

    public function namespace(): string
    {
        return self::V20 === $this ? 'http://docs.oasis-open.org/ns/search-ws/sruResponse' : 'http://www.loc.gov/zing/srw/';
    }

    public function diagnosticNamespace(): string
    {
        return self::V20 === $this ? 'http://docs.oasis-open.org/ns/search-ws/diagnostic' : 'http://www.loc.gov/zing/srw/diagnostic/';
    }
}
