<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\RetryableException;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\Problem;

/**
 * Whatever goes wrong under /api is answered as problem details (RFC 9457).
 */
#[AsEventListener]
final readonly class ProblemResponses
{
    private const TITLES = [400 => 'Not understood', 401 => 'Not signed in', 403 => 'Not permitted', 404 => 'Not found', 405 => 'Not possible here', 415 => 'Not understood', 422 => 'Not understood', 429 => 'Too many tries'];

    public function __construct(private LoggerInterface $logger)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if (str_starts_with($event->getRequest()->getPathInfo(), '/api')) {
            $event->setResponse($this->response($event->getThrowable()));
        }
    }

    private function response(\Throwable $thrown): Response
    {
        $invalid = $this->invalid($thrown);
        /** @var array<string, mixed> $headers */
        $headers = $thrown instanceof HttpExceptionInterface ? $thrown->getHeaders() : [];

        return match (true) {
            null !== $invalid => self::details($invalid->status, $invalid->title, $invalid->problemCode, $invalid->getMessage(), $invalid->members),
            $thrown instanceof Problem => self::details($thrown->status, $thrown->title, $thrown->problemCode, $thrown->getMessage(), $thrown->members),
            $thrown instanceof ConnectionException, $thrown instanceof RetryableException => $this->away($thrown),
            $thrown instanceof HttpExceptionInterface && $thrown->getStatusCode() < 500 => self::details(
                $thrown->getStatusCode(),
                self::TITLES[$thrown->getStatusCode()] ?? 'Not understood',
                'http-'.$thrown->getStatusCode(),
                $this->sentence($thrown),
                [],
                $headers,
            ),
            default => $this->unexpected($thrown),
        };
    }

    private function invalid(\Throwable $thrown): ?Invalid
    {
        $failed = $thrown instanceof ValidationFailedException ? $thrown : $thrown->getPrevious();
        if (!$failed instanceof ValidationFailedException) {
            return null;
        }
        $sentences = [];
        foreach ($failed->getViolations() as $violation) {
            $sentences[$violation->getPropertyPath()] ??= (string) $violation->getMessage();
        }

        return [] === $sentences ? null : new Invalid($sentences);
    }

    private function sentence(HttpExceptionInterface $thrown): string
    {
        return match ($thrown->getStatusCode()) {
            404 => 'There is nothing at this address.',
            405 => 'This address does not take that method.',
            415 => 'Send JSON, with Content-Type: application/json.',
            429 => 'Too many tries in a short time. Wait a few minutes and try again.',
            default => 'The request could not be read. Send a JSON object with the fields that the API description at /api/docs names.',
        };
    }

    private function away(\Throwable $thrown): Response
    {
        $this->logger->error('The database does not answer.', ['exception' => $thrown]);

        return self::details(503, 'The database does not answer', 'away', 'Nothing was done. What you scanned is kept and sent again.', [], ['Retry-After' => '1']);
    }

    private function unexpected(\Throwable $thrown): Response
    {
        $this->logger->critical('An act failed unexpectedly.', ['exception' => $thrown]);

        return self::details(500, 'Something failed', 'failed', 'Nothing was changed. The log says what happened; tell whoever looks after Tin Lantern here.');
    }

    /**
     * @param array<string, mixed> $members
     * @param array<string, mixed> $headers
     */
    private static function details(int $status, string $title, string $code, string $detail, array $members = [], array $headers = []): Response
    {
        $body = Json::encode(['type' => 'about:blank', 'title' => $title, 'status' => $status, 'code' => $code, 'detail' => $detail] + $members);

        return new Response($body, $status, ['Content-Type' => 'application/problem+json', 'Cache-Control' => 'no-store'] + $headers);
    }
}
