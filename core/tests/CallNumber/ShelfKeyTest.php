<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\CallNumber;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\CallNumber\CallNumberWord;
use TinLantern\Core\CallNumber\Scheme;
use TinLantern\Core\CallNumber\ShelfKey;

final class ShelfKeyTest extends TestCase
{
    /** @return iterable<string, array{Scheme, list<string>}> */
    public static function shelves(): iterable
    {
        yield 'Dewey: class by its decimals, then author mark' => [Scheme::Dewey, ['005.09', '5.1', '523', '823.91 ABL', '823.912 AAA', '823.92']];
        yield 'Dewey: date' => [Scheme::Dewey, ['641.5 SMI', '641.5 SMI 1998', '641.5 SMI 2004', '641.5 SMU']];
        yield 'Dewey: volumes by number' => [Scheme::Dewey, ['551.46 VES v.1', '551.46 VES v.2', '551.46 VES v.10', '551.46 VES v.10 c.2']];
        yield 'Dewey: digits of a mark are a fraction' => [Scheme::Dewey, ['823 B15', '823 B2', '823 B21', '823 BA']];
        yield 'Dewey: what cannot be read comes last' => [Scheme::Dewey, ['999.99 ZZZ', '???', 'FIC ABL']];
        yield 'LC: class by its value' => [Scheme::LibraryOfCongress, ['M242 .B3', 'ML410 .A2', 'Q9', 'QA9', 'QA76', 'QA76.73', 'QA100']];
        yield 'LC: cutters as decimals' => [Scheme::LibraryOfCongress, ['QA76.73 .C15', 'QA76.73 .C2', 'QA76.73.C2 1998', 'QA76.73.C2 2004', 'QA76.73 .J38']];
        yield 'local: natural order' => [Scheme::Local, ['CHART 2', 'CHART 10', 'CHART 10A', 'GEAR 007', 'Gear 12', 'Ölzeug 1']];
    }

    /** @param list<string> $shelf */
    #[DataProvider('shelves')]
    public function testTheShelfStandsInThisOrder(Scheme $scheme, array $shelf): void
    {
        $keys = array_map(static fn (string $callNumber): string => ShelfKey::of($callNumber, $scheme)->bytes, $shelf);
        $sorted = $keys;
        sort($sorted, \SORT_STRING);
        self::assertSame($keys, $sorted);
        self::assertSame(\count($keys), \count(array_unique($keys)));
    }

    public function testAPrefixIsAGroupOfItsOwnBeforeTheClass(): void
    {
        $plain = ShelfKey::of('999 ZZZ', Scheme::Dewey)->bytes;
        $gear = ShelfKey::of('100 AAA', Scheme::Dewey, 'GEAR')->bytes;
        $young = ShelfKey::of('100 AAA', Scheme::Dewey, 'j')->bytes;
        self::assertLessThan($gear, $plain);
        self::assertLessThan($young, $gear);
        self::assertSame($young, ShelfKey::of('J 100 AAA', Scheme::Dewey)->bytes);
    }

    public function testPaddingAndTrailingZerosMakeNoDifference(): void
    {
        self::assertSame(ShelfKey::of('005.1', Scheme::Dewey)->bytes, ShelfKey::of('5.10', Scheme::Dewey)->bytes);
    }

    /** @return iterable<array{string, Scheme, bool}> */
    public static function readable(): iterable
    {
        yield ['823.91 ABL', Scheme::Dewey, true];
        yield ['8231.9', Scheme::Dewey, false];
        yield ['?? LBA 19.328', Scheme::Dewey, false];
        yield ['', Scheme::Dewey, false];
        yield ['M452 .B4', Scheme::LibraryOfCongress, true];
        yield ['452', Scheme::LibraryOfCongress, false];
        yield ['anything', Scheme::Local, true];
        yield ['', Scheme::Local, false];
    }

    #[DataProvider('readable')]
    public function testWhatCannotBeReadIsReportedAndNeverThrownAway(string $callNumber, Scheme $scheme, bool $understood): void
    {
        $key = ShelfKey::of($callNumber, $scheme);
        self::assertSame($understood, $key->understood);
        self::assertNotSame('', $key->bytes);
    }

    public function testAVeryLongCallNumberStillHasAKey(): void
    {
        self::assertLessThanOrEqual(190, \strlen(ShelfKey::of('823 '.str_repeat('ABL ', 200), Scheme::Dewey)->bytes));
    }

    public function testACallNumberIsFoundHoweverItIsTyped(): void
    {
        self::assertSame(CallNumberWord::of('QA76.73 .C15'), CallNumberWord::of('qa 76 73 c15'));
    }
}
