<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\CallNumber;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\CallNumber\Scheme;
use TinLantern\Core\CallNumber\ShelfKey;
use TinLantern\Core\CallNumber\VolumeNumber;

final class VolumeNumberTest extends TestCase
{
    /** @return iterable<string, array{string, int, string|null}> */
    public static function volumes(): iterable
    {
        yield 'itself' => ['v.1', 0, 'v.1'];
        yield 'the next' => ['v.1', 1, 'v.2'];
        yield 'beyond nine' => ['v.9', 3, 'v.12'];
        yield 'zeros in front' => ['Part 09', 2, 'Part 11'];
        yield 'zeros in front are used up' => ['099', 1, '100'];
        yield 'a year' => ['1998', 5, '2003'];
        yield 'only the last number' => ['ser. 2, v. 3', 1, 'ser. 2, v. 4'];
        yield 'something behind it' => ['no. 12 (autumn)', 1, 'no. 13 (autumn)'];
        yield 'no number' => ['Index', 1, null];
        yield 'nothing' => ['', 1, null];
    }

    #[DataProvider('volumes')]
    public function testTheNumberOfAVolumeGoesUp(string $volume, int $steps, ?string $behind): void
    {
        self::assertSame($behind, VolumeNumber::behind($volume, $steps));
    }

    public function testVolumesStandOnTheShelfAsTheyAreNumbered(): void
    {
        $keys = array_map(static fn (int $step): string => ShelfKey::of('551.46 VES '.VolumeNumber::behind('v.1', $step), Scheme::Dewey)->bytes, range(0, 120));
        $sorted = $keys;
        sort($sorted, \SORT_STRING);
        self::assertSame($sorted, $keys);
        self::assertCount(121, array_unique($keys));
    }
}
