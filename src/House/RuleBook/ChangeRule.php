<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Contracts\Service\ServiceProviderInterface;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Writes an entry of the rule book, or strikes it out.
 */
final readonly class ChangeRule
{
    /** @param ServiceProviderInterface<RuleKind> $kinds */
    public function __construct(
        private Transaction $transaction,
        private Connection $connection,
        private RuleBook $book,
        private Journal $journal,
        #[AutowireLocator(RuleKind::class, defaultIndexMethod: 'kind')]
        private ServiceProviderInterface $kinds,
    ) {
    }

    public function __invoke(string $kind, string $code, RuleForm $form, Actor $actor): Rule
    {
        return $this->transaction->once($form->id, (object) ['kind' => $kind, 'code' => $code, 'form' => $form], Rule::class, function () use ($kind, $code, $form, $actor): Rule {
            if (!$this->kinds->has($kind)) {
                throw NotFound::of('part of the rule book', $kind);
            }
            $problems = $this->kinds->get($kind)->problems($form->content);
            if ([] !== $problems) {
                throw new Invalid($problems);
            }
            $this->book->reset();
            $before = $this->book->find($kind, $code);
            if (($before->version ?? 0) !== $form->version) {
                throw Conflict::stale('entry', $before ?? new Rule($code, $form->name, 0, 0, []));
            }
            $rule = new Rule($code, trim($form->name), $form->position ?? $before->position ?? 1000, $form->version + 1, $form->content);
            $this->write($kind, $rule, false);
            $this->journal->tell($actor, 'rule-changed', Subject::House, 1, null === $before ? null : self::told($kind, $before), self::told($kind, $rule));

            return $rule;
        });
    }

    public function remove(string $kind, string $code, string $actId, Actor $actor): Rule
    {
        return $this->transaction->once($actId, (object) ['kind' => $kind, 'remove' => $code], Rule::class, function () use ($kind, $code, $actor): Rule {
            $this->book->reset();
            $rule = $this->book->find($kind, $code) ?? throw NotFound::of('entry', $code);
            $this->write($kind, $rule, true);
            $this->journal->tell($actor, 'rule-removed', Subject::House, 1, self::told($kind, $rule), null);

            return $rule;
        });
    }

    private function write(string $kind, Rule $rule, bool $isRemoved): void
    {
        $this->connection->executeStatement(
            'INSERT INTO house_rule (kind, code, name, position, version, content, is_removed) VALUES (?, ?, ?, ?, ?, ?, ?)
             ON DUPLICATE KEY UPDATE name = VALUES(name), position = VALUES(position), version = VALUES(version), content = VALUES(content), is_removed = VALUES(is_removed)',
            [$kind, $rule->code, $rule->name, $rule->position, $rule->version, Json::encode((object) $rule->content), (int) $isRemoved],
        );
        $this->book->reset();
    }

    /** @return array<string, mixed> */
    private static function told(string $kind, Rule $rule): array
    {
        return ['kind' => $kind, 'code' => $rule->code, 'name' => $rule->name, 'content' => $rule->content];
    }
}
