<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Search;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Search\SearchWords;

final class SearchWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> what is written, what is typed */
    public static function meetings(): iterable
    {
        yield 'case' => ['The LANTERN Keeper', 'lantern keeper'];
        yield 'diacritics left out' => ['Café Ångström naïve', 'cafe angstrom naive'];
        yield 'diacritics typed, but not written' => ['Cafe', 'café'];
        yield 'letters that do not decompose' => ['Møller-Strand, Łódka, Þor, Straße, Œuvre', 'moller strand lodka thor strasse oeuvre'];
        yield 'a hyphen typed as a blank' => ['book-boat', 'book boat'];
        yield 'a hyphen typed as nothing' => ['book-boat', 'bookboat'];
        yield 'a hyphen typed as a hyphen' => ['book-boat', 'book-boat'];
        yield 'a curly apostrophe' => ['the keeper’s tale', "keeper's"];
        yield 'an apostrophe left out' => ["O'Hollow", 'ohollow'];
        yield 'short words' => ['Qi of X', 'qi x'];
        yield 'programming languages' => ['Modern C++ and C#', 'c++ c#'];
        yield 'two characters of a Chinese title' => ['航海圖志', '海圖'];
        yield 'composed and decomposed' => ["e\u{301}tude", 'étude'];
        yield 'full-width letters' => ['ＡＢＣ', 'abc'];
    }

    #[DataProvider('meetings')]
    public function testWhatIsTypedMeetsWhatIsWritten(string $written, string $typed): void
    {
        $asked = SearchWords::inOrder($typed);
        self::assertNotSame([], $asked);
        self::assertSame([], array_diff($asked, SearchWords::inText($written)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function strangers(): iterable
    {
        yield 'another word' => ['The lantern', 'lamp'];
        yield 'a part of a word' => ['lanterns', 'lantern'];
        yield 'another Chinese word' => ['航海圖志', '圖航'];
    }

    #[DataProvider('strangers')]
    public function testWhatIsNotWrittenIsNotMet(string $written, string $typed): void
    {
        self::assertNotSame([], array_diff(SearchWords::inOrder($typed), SearchWords::inText($written)));
    }

    public function testNoSyntaxOfAnyEngineComesThrough(): void
    {
        foreach (SearchWords::inOrder('+lantern -keeper "tide*" (a) ~b <c> @d % \\ \' "') as $word) {
            self::assertMatchesRegularExpression('/^[a-z0-9_]+$/', $word);
        }
        self::assertSame([], SearchWords::inOrder('*** "" --'));
    }

    public function testNoWordIsTooShortOrTooLongForAnEngine(): void
    {
        foreach (SearchWords::inText('a bc '.str_repeat('x', 500).' é '.str_repeat('é', 90)) as $word) {
            self::assertGreaterThanOrEqual(3, mb_strlen($word));
            self::assertLessThanOrEqual(60, \strlen($word));
            self::assertTrue(mb_check_encoding($word, 'UTF-8'));
        }
    }
}
