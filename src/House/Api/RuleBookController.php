<?php

declare(strict_types=1);

namespace TinLantern\House\Api;

use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\House\RuleBook\ChangeRule;
use TinLantern\House\RuleBook\Rule;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleForm;
use TinLantern\Platform\ActId;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Api\SignedIn;
use TinLantern\Platform\Permission;

final class RuleBookController
{
    /**
     * The entries of one kind in the rule book: match-rule, worksheet, tidy-rules, source, item-preset, barcode-range, label-sheet.
     *
     * @return list<Rule>
     */
    #[Route('/api/rule-book/{kind}', requirements: ['kind' => '[a-z0-9-]{1,20}'], methods: 'GET')]
    #[SignedIn]
    public function list(string $kind, RuleBook $book): array
    {
        return array_values($book->all($kind));
    }

    /** Write an entry of the rule book; `version` is the one the change began from. */
    #[Route('/api/rule-book/{kind}/{code}', requirements: ['kind' => '[a-z0-9-]{1,20}', 'code' => '[A-Za-z0-9-]{1,60}'], methods: 'PUT')]
    #[Needs(Permission::EditHouseRules)]
    public function change(string $kind, string $code, #[MapRequestPayload] RuleForm $form, ChangeRule $change, Actor $actor): Rule
    {
        return $change($kind, $code, $form, $actor);
    }

    /** Strike an entry out of the rule book. */
    #[Route('/api/rule-book/{kind}/{code}/removal', requirements: ['kind' => '[a-z0-9-]{1,20}', 'code' => '[A-Za-z0-9-]{1,60}'], methods: 'POST')]
    #[Needs(Permission::EditHouseRules)]
    public function remove(string $kind, string $code, #[MapRequestPayload] ActId $act, ChangeRule $change, Actor $actor): Rule
    {
        return $change->remove($kind, $code, $act->id, $actor);
    }
}
