<?php

declare(strict_types=1);

namespace TinLantern\Platform\Database;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\Lazy;
use Symfony\Component\Serializer\SerializerInterface;
use TinLantern\Platform\Problem\Conflict;

/**
 * The first answers to acts, for when the same act is sent again.
 */
final readonly class StoredAnswers
{
    public function __construct(private Connection $connection, #[Lazy] private SerializerInterface $serializer)
    {
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $view
     *
     * @return T
     */
    public function of(string $id, string $digest, string $view): object
    {
        $act = $this->connection->fetchAssociative('SELECT digest, answer FROM act WHERE id = ?', [$id]);
        if (false === $act || $act['digest'] !== $digest || !\is_string($act['answer'])) {
            throw new Conflict('act-id-used', 'This id was used for another act. Send every new act with an id of its own.');
        }

        $answer = $this->serializer->deserialize($act['answer'], $view, 'json');
        \assert($answer instanceof $view);

        return $answer;
    }
}
