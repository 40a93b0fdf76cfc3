<?php

declare(strict_types=1);

namespace TinLantern\Tests\Bench;

/**
 * Sends requests, one at a time or several at once, over connections that stay open, and remembers how long each took.
 */
final class Load
{
    /** @var list<float> milliseconds */
    private array $times = [];

    public function __construct(private readonly string $address, private readonly string $cookie)
    {
    }

    /**
     * @param list<array{string, array<string, mixed>|null}> $requests path and body; a body makes it a POST
     *
     * @return array{float, float} p50 and p95 in milliseconds
     */
    public function measure(array $requests, int $atOnce): array
    {
        $this->times = [];
        $all = curl_multi_init();
        $begun = [];
        $next = 0;
        $add = function (\CurlHandle $handle) use (&$next, &$begun, $requests, $all): void {
            if ($next < \count($requests)) {
                $this->prepare($handle, ...$requests[$next++]);
                curl_multi_add_handle($all, $handle);
                $begun[spl_object_id($handle)] = hrtime(true);
            }
        };
        $handles = [];
        for ($one = 0; $one < $atOnce; ++$one) {
            $handles[] = $handle = curl_init();
            \assert(false !== $handle);
            $add($handle);
        }
        do {
            curl_multi_exec($all, $running);
            while (false !== $done = curl_multi_info_read($all)) {
                $handle = $done['handle'];
                \assert($handle instanceof \CurlHandle);
                $this->times[] = (hrtime(true) - $begun[spl_object_id($handle)]) / 1e6;
                $status = curl_getinfo($handle, \CURLINFO_RESPONSE_CODE);
                if (200 !== $status) {
                    throw new \RuntimeException("Status {$status}: ".curl_multi_getcontent($handle));
                }
                curl_multi_remove_handle($all, $handle);
                $add($handle);
                $running = 1;
            }
            if ($running > 0) {
                curl_multi_select($all, 1);
            }
        } while ($running > 0 || \count($this->times) < \count($requests));
        sort($this->times);

        return [$this->times[intdiv(\count($this->times), 2)], $this->times[(int) (\count($this->times) * 0.95)]];
    }

    /** @param array<string, mixed>|null $body */
    private function prepare(\CurlHandle $handle, string $path, ?array $body): void
    {
        curl_setopt_array($handle, [
            \CURLOPT_URL => '' === $this->address ? 'http://127.0.0.1' : $this->address.$path,
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_CUSTOMREQUEST => null === $body ? 'GET' : 'POST',
            \CURLOPT_POSTFIELDS => null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR),
            \CURLOPT_HTTPHEADER => ['Cookie: '.$this->cookie, 'X-Tin-Lantern: 1', 'Content-Type: application/json'],
        ]);
    }
}
