<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use TinLantern\House\HouseDefinition;
use TinLantern\House\SetUpHouse;

final class HouseTest extends AppTestCase
{
    public function testAHouseInUseIsNotSetUpAgain(): void
    {
        $this->expectExceptionMessage('This house has branches already.');
        self::service(SetUpHouse::class)(new HouseDefinition([]));
    }

    public function testARuleForSomethingThatIsNotThereSetsNothingUp(): void
    {
        $this->connection()->executeStatement('SET foreign_key_checks = 0');
        foreach (['sign_in', 'staff', 'opening', 'branch', 'loan_rule', 'membership', 'shelving_location', 'collection', 'lending_class'] as $table) {
            $this->connection()->executeStatement("DELETE FROM {$table}");
        }
        $this->connection()->executeStatement('SET foreign_key_checks = 1');
        try {
            self::service(SetUpHouse::class)(new HouseDefinition(['branches' => [['code' => 'LAN', 'name' => 'Lantern House']], 'loanRules' => [['lendingClass' => 'MOON', 'days' => 7]]]));
            self::fail('A rule for a class that is not there was taken.');
        } catch (\InvalidArgumentException $wrong) {
            self::assertStringContainsString('lendingClass "MOON"', $wrong->getMessage());
        }
        self::assertSame([0, 0], [$this->rows('branch'), $this->rows('loan_rule')]);
    }

    public function testTheRulesAreShownInNames(): void
    {
        $this->signIn('desk');
        $rules = $this->get('/api/house-rules');
        self::assertSame([null, 'Film'], self::column((array) $rules['loanRules'], 'lendingClass'));
        self::assertSame(['branch' => 'LAN', 'weekday' => 1, 'opens' => '09:00', 'closes' => '18:00'], self::at($rules, 'openings', 0));
    }
}
