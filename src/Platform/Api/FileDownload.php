<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * A file to be saved, given out as it is made.
 */
final class FileDownload
{
    /** @param iterable<string> $pieces */
    public static function of(string $name, string $mediaType, iterable $pieces): StreamedResponse
    {
        return new StreamedResponse(static function () use ($pieces): void {
            foreach ($pieces as $piece) {
                echo $piece;
            }
        }, 200, [
            'Content-Type' => $mediaType,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name, preg_replace('/[^\x20-\x7E]|[%\/\\\\]/', '_', $name) ?? 'file'),
            'Cache-Control' => 'no-store',
        ]);
    }
}
