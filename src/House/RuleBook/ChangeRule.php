<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Contracts\Service\ServiceProviderInterface;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
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
            $before = $this->book->lock($kind, $code);
            if (($before->version ?? 0) !== $form->version) {
                throw Conflict::stale('entry', $before ?? new Rule($code, $form->name, 0, 0, []));
            }
            $rule = new Rule($code, trim($form->name), $form->position ?? $before->position ?? 1000, $form->version + 1, $form->content);
            $this->book->write($kind, $rule, $form->version);
            $this->journal->tell($actor, 'rule-changed', Subject::House, 1, null === $before ? null : $before->told($kind), $rule->told($kind));

            return $rule;
        });
    }

    public function remove(string $kind, string $code, string $actId, Actor $actor): Rule
    {
        return $this->transaction->once($actId, (object) ['kind' => $kind, 'remove' => $code], Rule::class, function () use ($kind, $code, $actor): Rule {
            $rule = $this->book->lock($kind, $code) ?? throw NotFound::of('entry', $code);
            $this->book->strikeOut($kind, $rule);
            $this->journal->tell($actor, 'rule-removed', Subject::House, 1, $rule->told($kind), null);

            return $rule;
        });
    }
}
