<?php

declare(strict_types=1);

namespace TinLantern\House\Api;

final readonly class HouseRulesView
{
    /**
     * @param list<LoanRuleView> $loanRules
     * @param list<OpeningView>  $openings
     */
    public function __construct(public array $loanRules, public array $openings)
    {
    }
}
