<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Money;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Money\Money;

final class MoneyTest extends TestCase
{
    /** @return iterable<string, array{string, int|null}> */
    public static function amounts(): iterable
    {
        yield 'with a point' => ['12.50', 1250];
        yield 'with a comma' => ['12,5', 1250];
        yield 'whole' => ['12', 1200];
        yield 'with a currency' => ['Kr 12.50', 1250];
        yield 'finer than the coin' => ['12.505', null];
        yield 'no amount' => ['ask', null];
        yield 'negative' => ['-3', null];
        yield 'empty' => ['', null];
    }

    #[DataProvider('amounts')]
    public function testAnAmountAsPeopleWriteIt(string $written, ?int $minor): void
    {
        self::assertSame($minor, Money::tryFrom($written)?->minor);
    }

    public function testWrittenAndReadIsTheSame(): void
    {
        foreach ([0, 1, 99, 100, 123_456_789] as $minor) {
            self::assertSame($minor, Money::tryFrom((new Money($minor))->written())?->minor);
        }
    }
}
