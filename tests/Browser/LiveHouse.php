<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

/**
 * The running application: its address, its API as a desk without a screen uses it, and its database as it really is.
 */
final class LiveHouse
{
    public const PASSWORD = 'lamp-and-anchor';

    public readonly string $address;
    private ?\PDO $database = null;

    public function __construct()
    {
        $this->address = 'http://127.0.0.1:'.getenv('TL_PORT');
    }

    public function database(): \PDO
    {
        return $this->database ??= new \PDO(
            'mysql:unix_socket='.getenv('TL_RUN').'/mariadb.sock;dbname='.getenv('TL_DB_NAME').';charset=utf8mb4',
            'tinlantern',
            (string) getenv('TL_DB_PASSWORD'),
            [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
        );
    }

    public function forgetConnection(): void
    {
        $this->database = null;
    }

    public function query(string $sql): \PDOStatement
    {
        $statement = $this->database()->query($sql);
        \assert(false !== $statement);

        return $statement;
    }

    public function one(string $sql): string
    {
        $value = $this->query($sql)->fetchColumn();

        return \is_scalar($value) ? (string) $value : '';
    }

    /** @return list<string> barcodes of items that can be lent at Lantern House */
    public function barcodes(int $count): array
    {
        $barcodes = [];
        $rows = $this->query("SELECT i.barcode FROM item i JOIN lending_class c ON c.id = i.lending_class_id WHERE i.status = 'available' AND i.branch_id = 1 AND i.at_branch_id = 1 AND c.code = 'BOOK' ORDER BY RAND() LIMIT {$count}");
        foreach ($rows as $row) {
            $barcodes[] = \is_array($row) && \is_string($row['barcode']) ? $row['barcode'] : '';
        }

        return $barcodes;
    }

    /** @return array{id: int, card: string, name: string} somebody in good standing with nothing lent */
    public function patron(int $which = 0): array
    {
        $row = $this->query("SELECT p.id, p.card_number, CONCAT(p.given_name, ' ', p.family_name) AS name FROM patron p WHERE p.barred_because IS NULL AND p.is_card_lost = 0
            AND p.expires_on > CURRENT_DATE + INTERVAL 60 DAY AND p.membership_id = 1 AND NOT EXISTS (SELECT 1 FROM loan l WHERE l.open_patron_id = p.id) ORDER BY p.id LIMIT 1 OFFSET {$which}")->fetch(\PDO::FETCH_ASSOC);
        \assert(\is_array($row) && is_numeric($row['id']) && \is_string($row['card_number']) && \is_string($row['name']));

        return ['id' => (int) $row['id'], 'card' => $row['card_number'], 'name' => $row['name']];
    }

    /** Signs in and answers the cookie. */
    public function signIn(string $name, string $desk): string
    {
        $handle = $this->request('POST', '/api/sign-in', ['name' => $name, 'password' => self::PASSWORD, 'desk' => $desk], '');
        curl_setopt($handle, \CURLOPT_HEADER, true);
        $response = (string) curl_exec($handle);

        return 1 === preg_match('/tin_lantern=[0-9a-f]+/', $response, $found) ? $found[0] : throw new \RuntimeException($response);
    }

    /**
     * @param non-empty-string     $method
     * @param array<string, mixed> $body
     */
    public function request(string $method, string $path, array $body, string $cookie): \CurlHandle
    {
        $handle = curl_init($this->address.$path);
        \assert(false !== $handle);
        curl_setopt_array($handle, [
            \CURLOPT_CUSTOMREQUEST => $method,
            \CURLOPT_POSTFIELDS => json_encode($body, \JSON_THROW_ON_ERROR),
            \CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'X-Tin-Lantern: 1', 'Cookie: '.$cookie],
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT => 20,
        ]);

        return $handle;
    }

    /**
     * Sends all at the same time.
     *
     * @param list<\CurlHandle> $requests
     *
     * @return list<array{int, array<array-key, mixed>}> status and answer of each
     */
    public function together(array $requests): array
    {
        $all = curl_multi_init();
        foreach ($requests as $request) {
            curl_multi_add_handle($all, $request);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);
        $answers = [];
        foreach ($requests as $request) {
            $decoded = json_decode((string) curl_multi_getcontent($request), true);
            $answers[] = [curl_getinfo($request, \CURLINFO_RESPONSE_CODE), \is_array($decoded) ? $decoded : []];
        }

        return $answers;
    }

    public static function uuid(): string
    {
        $hex = bin2hex(random_bytes(16));

        return \sprintf('%s-%s-4%s-8%s-%s', substr($hex, 0, 8), substr($hex, 8, 4), substr($hex, 13, 3), substr($hex, 17, 3), substr($hex, 20));
    }
}
