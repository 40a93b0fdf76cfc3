<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Matching;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Matching\Isbn;

final class IsbnTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> */
    public static function written(): iterable
    {
        yield 'thirteen digits' => ['9795000000426', '9795000000426'];
        yield 'with hyphens and a qualifier' => ['979-5-0000-0042-6 (pbk.)', '9795000000426'];
        yield 'ten digits become thirteen' => ['9999999999', '9789999999991'];
        yield 'ten digits with X' => ['999999998X', null];
        yield 'an X that is right' => ['000000006X', '9780000000064'];
        yield 'a wrong check digit' => ['9795000000425', null];
        yield 'too short' => ['979500000042', null];
        yield 'another barcode' => ['4006381333931', null];
        yield 'a word in front' => ['ISBN 9795000000426', '9795000000426'];
        yield 'nothing' => ['', null];
        yield 'a longer number' => ['97950000004261234', null];
    }

    #[DataProvider('written')]
    public function testAnIsbnIsKnownInAnyForm(string $written, ?string $thirteen): void
    {
        self::assertSame($thirteen, Isbn::tryFrom($written)?->thirteen);
    }
}
