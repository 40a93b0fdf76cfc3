<?php

declare(strict_types=1);

namespace TinLantern\House\Api;

use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Core\Lending\LoanRule;
use TinLantern\House\Branch;
use TinLantern\House\HouseLists;
use TinLantern\House\HouseRules;
use TinLantern\House\WeekOpening;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Api\OpenToAll;
use TinLantern\Platform\Api\SignedIn;
use TinLantern\Platform\Permission;

final readonly class HouseController
{
    public function __construct(private HouseLists $lists)
    {
    }

    /**
     * The branches, for choosing one when signing in.
     *
     * @return list<Branch>
     */
    #[Route('/api/branches', methods: 'GET')]
    #[OpenToAll('the sign-in page offers them')]
    public function branches(): array
    {
        return array_values($this->lists->branches());
    }

    /** The short lists of the house: branches, shelving locations, lending classes, memberships. */
    #[Route('/api/house', methods: 'GET')]
    #[SignedIn]
    public function house(\DateTimeZone $houseZone): HouseView
    {
        return new HouseView(
            $houseZone->getName(),
            array_values($this->lists->branches()),
            array_values($this->lists->locations()),
            array_values($this->lists->lendingClasses()),
            array_values($this->lists->memberships()),
        );
    }

    /** Loan rules and opening hours. */
    #[Route('/api/house-rules', methods: 'GET')]
    #[Needs(Permission::ViewHouseRules)]
    public function rules(HouseRules $rules): HouseRulesView
    {
        return new HouseRulesView(
            array_map(fn (LoanRule $rule): LoanRuleView => new LoanRuleView(
                null === $rule->membership ? null : $this->lists->memberships()[$rule->membership]->name,
                null === $rule->lendingClass ? null : $this->lists->lendingClasses()[$rule->lendingClass]->name,
                null === $rule->branch ? null : $this->lists->branches()[$rule->branch]->name,
                $rule->period->amount,
                $rule->period->isHours,
                $rule->renewals,
                $rule->limit,
            ), $rules->listedLoanRules()),
            array_map(fn (WeekOpening $week): OpeningView => new OpeningView(
                $this->lists->branches()[$week->branch]->code,
                $week->weekday,
                self::time($week->opening->from),
                self::time($week->opening->until),
            ), $rules->weekOpenings()),
        );
    }

    private static function time(int $minute): string
    {
        return \sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
