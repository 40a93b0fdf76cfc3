<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Makes requests for every route of the API's description: most parts are of the kind that is described, some are anything but.
 */
final readonly class OddRequests
{
    private const TEXTS = [
        '', ' ', 'x', '0', '-1', '1', '12', '999999999', '99999999999999999999', '1e9', '0x1', '+5', "\0", "\xFF", '%', '_', '*', "' OR 1=1 --", "\u{301}", '海圖', '🏮', 'null', 'true', '[]', '{}', '245$a', ';', 'a:b:c', ':0', 'ff:1', '1 2',
        'LAN', 'ADULT', 'BOOK', 'title', 'newest', 'standard', 'quick', 'isbn', 'spine', 'n', 'replace', 'available', '2026-02-30', '2026-03-03', '10:00', '12,50', '300000001', '$aVenn, Mara', 'tcp://127.0.0.1:1', "LDR 00000nam a2200000 i 4500\n245 10 \$aOdd", '852',
    ];

    private Randomizer $dice;

    /** @param array<array-key, mixed> $api the description, as it is given out */
    public function __construct(private array $api, int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    /** @return \Generator<int, array{string, string, string|null}> verb, address, body */
    public function all(): \Generator
    {
        foreach ((array) $this->api['paths'] as $path => $operations) {
            foreach ((array) $operations as $verb => $operation) {
                if (\is_array($operation) && !str_contains((string) $path, 'sign-in')) {
                    yield [strtoupper((string) $verb), $this->address((string) $path, $operation), $this->body($operation)];
                }
            }
        }
    }

    /** @param array<array-key, mixed> $operation */
    private function address(string $path, array $operation): string
    {
        $path = preg_replace_callback('/\{\w+\}/', fn (): string => rawurlencode($this->oneIn(3) ? $this->text() : (string) $this->dice->getInt(1, 3)), $path) ?? $path;
        $asked = [];
        foreach ((array) ($operation['parameters'] ?? []) as $parameter) {
            if (\is_array($parameter) && 'query' === $parameter['in'] && \is_string($parameter['name']) && !$this->oneIn(3)) {
                $asked[] = rawurlencode($parameter['name']).($this->oneIn(12) ? '[a][b]' : '').'='.rawurlencode($this->text());
            }
        }

        return $path.([] === $asked ? '' : '?'.implode('&', $asked));
    }

    /** @param array<array-key, mixed> $operation */
    private function body(array $operation): ?string
    {
        $body = $operation['requestBody'] ?? null;
        $schema = \is_array($body) ? ((array) ((array) ((array) $body['content'])['application/json'])['schema']) : [];

        return [] === $schema ? null : json_encode($this->value($schema, 0), \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_THROW_ON_ERROR);
    }

    /** @param array<array-key, mixed> $schema */
    private function value(array $schema, int $depth): mixed
    {
        if (isset($schema['$ref']) && \is_string($schema['$ref'])) {
            $schema = (array) ((array) ((array) $this->api['components'])['schemas'])[substr($schema['$ref'], \strlen('#/components/schemas/'))];
        }
        if ($this->oneIn(10)) {
            return [$this->text(), null, [], 'odd', true, -1, 4_294_967_296, \PHP_INT_MAX, [[1]], ['a' => 'b']][$this->dice->getInt(0, 9)];
        }
        $choices = $schema['enum'] ?? $schema['anyOf'] ?? $schema['oneOf'] ?? null;
        if (\is_array($choices) && [] !== $choices) {
            $choice = $choices[$this->dice->getInt(0, \count($choices) - 1)];

            return \is_array($choice) ? $this->value($choice, $depth + 1) : $choice;
        }
        $types = (array) ($schema['type'] ?? 'string');

        return match ($types[$this->dice->getInt(0, \count($types) - 1)]) {
            'integer' => $this->dice->getInt(0, 4),
            'number' => 1.5,
            'boolean' => $this->oneIn(2),
            'null' => null,
            'array' => array_map(fn (): mixed => $this->value((array) ($schema['items'] ?? []), $depth + 1), range(1, $this->dice->getInt(1, 3))),
            'object' => $this->object($schema, $depth),
            default => 'uuid' === ($schema['format'] ?? null) ? $this->id() : $this->text(),
        };
    }

    /** @param array<array-key, mixed> $schema */
    private function object(array $schema, int $depth): object
    {
        $values = [];
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            if (!$this->oneIn(10)) {
                $values[$name] = 'id' === $name ? $this->id() : ($depth < 5 ? $this->value((array) $property, $depth + 1) : null);
            }
        }
        if (isset($schema['additionalProperties'])) {
            $values[$this->dice->getInt(0, 9) > 0 ? 'a' : ''] = $this->text();
        }

        return (object) $values;
    }

    private function id(): string
    {
        $bytes = bin2hex($this->dice->getBytes(16));

        return \sprintf('%s-%s-4%s-8%s-%s', substr($bytes, 0, 8), substr($bytes, 8, 4), substr($bytes, 13, 3), substr($bytes, 17, 3), substr($bytes, 20, 12));
    }

    private function text(): string
    {
        return $this->oneIn(40) ? str_repeat('lantern ', 1500) : self::TEXTS[$this->dice->getInt(0, \count(self::TEXTS) - 1)];
    }

    private function oneIn(int $times): bool
    {
        return 1 === $this->dice->getInt(1, $times);
    }
}
