<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

/**
 * Whatever is sent to whatever route: it is done, or refused with a sentence that says why.
 */
final class OddRequestsTest extends AppTestCase
{
    private const ROUNDS = 12;

    public function testNothingThatIsSentMakesTheApplicationFail(): void
    {
        $this->anItem();
        $this->aRecord('Tides of Skellin');
        $failed = [];
        $answers = [];
        for ($round = 1; $round <= self::ROUNDS; ++$round) {
            foreach ((new OddRequests($this->get('/api/openapi.json'), $round))->all() as [$verb, $address, $body]) {
                $this->browser->request($verb, $address, [], [], ['HTTP_X_TIN_LANTERN' => '1', 'CONTENT_TYPE' => 'application/json'], $body);
                $response = $this->browser->getInternalResponse();
                $status = $response->getStatusCode();
                $answers[intdiv($status, 100)] = ($answers[intdiv($status, 100)] ?? 0) + 1;
                $isProblem = $status >= 400;
                if ($status >= 500 && 503 !== $status || ($isProblem && 'application/problem+json' !== $response->getHeader('Content-Type'))) {
                    $failed[explode('?', (string) preg_replace('~/(?:\d+|%[^/?]*)~', '/…', $address))[0]] ??= "{$status} {$verb} ".substr($address, 0, 200).' '.substr((string) $body, 0, 400)."\n    ".substr($response->getContent(), 0, 300);
                }
                if (401 === $status) {
                    $this->signIn('administrator');
                }
            }
        }
        self::assertSame([], $failed, implode("\n", $failed));
        self::assertGreaterThan(100, min($answers[2] ?? 0, $answers[4] ?? 0), 'some are done and some are refused');
    }
}
