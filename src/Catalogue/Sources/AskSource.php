<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;
use TinLantern\Catalogue\Editing\Duplicates;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Sru\NoSruAnswer;
use TinLantern\Core\Sru\SruAnswer;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Asks one outside catalogue, within its time limit.
 */
final readonly class AskSource
{
    private const PAGE = 20;

    public function __construct(private Sources $sources, private HttpClientInterface $http, private Duplicates $duplicates)
    {
    }

    /**
     * @param int $after how many hits were shown before
     *
     * @throws SourceFailed with a sentence that says why
     */
    public function __invoke(string $code, string $by, string $typed, int $after = 0): SourceHitsView
    {
        $source = $this->sources->find($code) ?? throw NotFound::of('source', $code);
        if (!\in_array($by, Sources::BY, true) || '' === trim($typed)) {
            throw new Invalid(['q' => 'Say what to look for, by isbn, title, author or number.']);
        }
        $begun = hrtime(true);
        try {
            $response = $this->http->request('GET', $source->address($by, $typed, max(0, $after) + 1, self::PAGE), ['timeout' => $source->timeLimit, 'max_duration' => $source->timeLimit, 'max_redirects' => 3]);
            $status = $response->getStatusCode();
            if (200 !== $status) {
                throw new SourceFailed(\sprintf('%s answers with an error (%d). Try it again in a while.', $source->name, $status));
            }
            $answer = SruAnswer::read($response->getContent());
        } catch (ExceptionInterface) {
            $isLate = (hrtime(true) - $begun) / 1e9 >= $source->timeLimit * 0.95;
            throw new SourceFailed($isLate ? \sprintf('%s did not answer within %d seconds.', $source->name, $source->timeLimit) : \sprintf('%s cannot be reached.', $source->name));
        } catch (NoSruAnswer) {
            throw new SourceFailed(\sprintf('%s answers with something that is no SRU response.', $source->name));
        }
        if (null !== $answer->diagnostic && [] === $answer->records) {
            throw new SourceFailed(\sprintf('%s could not do that: %s', $source->name, $answer->diagnostic));
        }

        $shown = max(0, $after) + \count($answer->records) + $answer->unreadable;
        $goesOn = $shown > $after && $shown < $answer->total;

        return new SourceHitsView($code, $answer->total, array_map(self::hit(...), $answer->records, $this->duplicates->ownOf($answer->records)), $answer->unreadable, (int) round((hrtime(true) - $begun) / 1e6), $goesOn ? $shown : null);
    }

    private static function hit(MarcRecord $record, ?int $own): SourceHitView
    {
        $brief = BriefDescription::of($record);

        return new SourceHitView($brief->title, $brief->author, $brief->published, $brief->edition, $brief->format->value, LineText::write($record), $own);
    }
}
