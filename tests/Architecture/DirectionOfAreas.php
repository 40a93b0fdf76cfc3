<?php

declare(strict_types=1);

namespace TinLantern\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Which way things may point: an area uses only areas behind it in this order, and the core uses nobody.
 */
final class DirectionOfAreas
{
    private const ORDER = ['Circulation', 'Holdings', 'Catalogue', 'Patrons', 'House', 'Access', 'Journal', 'Platform'];

    /** @return iterable<Rule> */
    #[TestRule]
    public function anAreaUsesOnlyThoseBehindIt(): iterable
    {
        foreach (self::ORDER as $place => $area) {
            $before = array_map(self::area(...), \array_slice(self::ORDER, 0, $place));
            if ([] !== $before) {
                yield PHPat::rule()
                    ->classes(self::area($area))
                    ->shouldNotDependOn()
                    ->classes(...$before)
                    ->because('the other direction goes by ports and events');
            }
        }
    }

    #[TestRule]
    public function nothingKnowsTheDemoWorld(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('TinLantern'))
            ->excluding(Selector::inNamespace('TinLantern\Demo'), Selector::inNamespace('TinLantern\Standins'), Selector::inNamespace('TinLantern\Tests'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('TinLantern\Demo'))
            ->because('the demo world is data, not a part of the application');
    }

    #[TestRule]
    public function theCoreUsesNoFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('TinLantern\Core'))
            ->excluding(Selector::inNamespace('TinLantern\Core\Tests'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('TinLantern\Core'), Selector::classname('/^[A-Z][A-Za-z]+$/', true))
            ->because('the rules of the job are pure PHP');
    }

    private static function area(string $name): SelectorInterface
    {
        return Selector::inNamespace('TinLantern\\'.$name);
    }
}
