<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Search;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Search\Slips;

final class SlipsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> typed, meant */
    public static function slips(): iterable
    {
        yield 'a letter left out' => ['lantrn', 'lantern'];
        yield 'the first letter left out' => ['antern', 'lantern'];
        yield 'the last letter left out' => ['lanter', 'lantern'];
        yield 'a letter twice' => ['lanntern', 'lantern'];
        yield 'a letter too many at the end' => ['lanterns', 'lantern'];
        yield 'another letter' => ['lantarn', 'lantern'];
        yield 'two the wrong way round' => ['latnern', 'lantern'];
        yield 'the last two the wrong way round' => ['lanternn', 'lantern'];
        yield 'Greek' => ['θαλασα', 'θαλασσα'];
        yield 'Cyrillic' => ['маяг', 'маяк'];
        yield 'a figure' => ['1998b', '1998'];
    }

    #[DataProvider('slips')]
    public function testOneSlipIsFollowedBack(string $typed, string $meant): void
    {
        self::assertContains($meant, Slips::of($typed));
    }

    public function testTwoSlipsAreTooMany(): void
    {
        self::assertNotContains('lantern', Slips::of('lamtarn'));
    }

    public function testTheWordItselfIsNotMeant(): void
    {
        self::assertNotContains('aaaa', Slips::of('aaaa'));
    }

    public function testVeryShortWordsAreLeft(): void
    {
        self::assertSame([], Slips::of('sea'));
    }

    public function testASlipWorksBothWays(): void
    {
        foreach (Slips::of('tides') as $other) {
            if (mb_strlen($other) > 3) {
                self::assertContains('tides', Slips::of($other), $other);
            }
        }
    }
}
