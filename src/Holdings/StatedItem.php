<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\CallNumber\ShelfKey;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Core\Marc\ItemProperty;
use TinLantern\Core\Marc\ItemStatement;
use TinLantern\Core\Money\Money;
use TinLantern\Holdings\Entity\Particulars;
use TinLantern\House\HouseLists;

/**
 * What a record says about an item, in terms of this house: codes looked up, defaults filled in, and what was not known.
 */
final readonly class StatedItem
{
    /**
     * @param array<string, string> $unknownCodes a sentence for each code the house does not know
     */
    private function __construct(public ItemDetails $details, public array $unknownCodes)
    {
    }

    public static function of(ItemStatement $statement, IntakeDefaults $defaults, HouseLists $lists): self
    {
        $unknown = [];
        $code = static function (ItemProperty $property, string $default, string $what, ?object $known) use ($statement, &$unknown): void {
            $stated = $statement->value($property);
            if (null !== $stated && null === $known) {
                $unknown[$what.' '.$stated] = \sprintf('The house does not know the %s "%s"; its items were given "%s".', $what, $stated, $default);
            }
        };
        $branch = $lists->branch($statement->value(ItemProperty::Branch) ?? '');
        $location = $lists->location($statement->value(ItemProperty::Location) ?? '');
        $class = $lists->lendingClass($statement->value(ItemProperty::LendingClass) ?? '');
        $code(ItemProperty::Branch, $defaults->branch, 'branch', $branch);
        $code(ItemProperty::Location, $defaults->location, 'shelving location', $location);
        $code(ItemProperty::LendingClass, $defaults->lendingClass, 'lending class', $class);
        $branch ??= $lists->branch($defaults->branch) ?? throw new \LogicException('The default branch is gone.');
        $location ??= $lists->location($defaults->location) ?? throw new \LogicException('The default location is gone.');
        $class ??= $lists->lendingClass($defaults->lendingClass) ?? throw new \LogicException('The default lending class is gone.');
        $prefix = self::cut($statement, ItemProperty::Prefix, 40);
        $callNumber = self::cut($statement, ItemProperty::CallNumber, 190);
        $suffix = self::cut($statement, ItemProperty::Suffix, 60);

        return new self(new ItemDetails(
            $statement->barcode(),
            ItemStatus::Available,
            $branch->id,
            $location->id,
            $class->id,
            $prefix,
            $callNumber,
            $suffix,
            ShelfKey::of($callNumber.' '.$suffix, $location->scheme, $prefix)->bytes,
            self::cut($statement, ItemProperty::Copy, 20),
            self::price($statement),
            self::acquiredOn($statement->value(ItemProperty::Acquired) ?? ''),
            self::cut($statement, ItemProperty::StaffNote, 2000),
            new Particulars(
                volume: self::cut($statement, ItemProperty::Volume, 60),
                vendor: self::cut($statement, ItemProperty::Vendor, 120),
                publicNote: self::cut($statement, ItemProperty::PublicNote, 2000),
            ),
        ), $unknown);
    }

    /**
     * The values of an item, as a record states them.
     *
     * @return array<string, string> by ItemProperty
     */
    public static function stated(ItemDetails $item, HouseLists $lists): array
    {
        return [
            ItemProperty::Barcode->value => $item->barcode,
            ItemProperty::Branch->value => $lists->branches()[$item->branchId]->code,
            ItemProperty::Location->value => $lists->locations()[$item->locationId]->code,
            ItemProperty::LendingClass->value => $lists->lendingClasses()[$item->lendingClassId]->code,
            ItemProperty::Prefix->value => $item->prefix,
            ItemProperty::CallNumber->value => $item->callNumber,
            ItemProperty::Suffix->value => $item->suffix,
            ItemProperty::Copy->value => $item->copy,
            ItemProperty::Price->value => null === $item->priceMinor ? '' : (new Money($item->priceMinor))->written(),
            ItemProperty::Acquired->value => null === $item->acquiredOn ? '' : str_replace('-', '', $item->acquiredOn->iso),
            ItemProperty::StaffNote->value => $item->staffNote,
            ItemProperty::PublicNote->value => $item->particulars->publicNote,
            ItemProperty::Volume->value => $item->particulars->volume,
            ItemProperty::Vendor->value => $item->particulars->vendor,
        ];
    }

    private static function price(ItemStatement $statement): ?int
    {
        $price = Money::tryFrom($statement->value(ItemProperty::Price) ?? '');

        return null === $price || $price->minor > 2_000_000_000 ? null : $price->minor;
    }

    private static function acquiredOn(string $stated): ?Day
    {
        return 1 === preg_match('/^(\d{4})-?(\d{2})-?(\d{2})$/', $stated, $parts) ? Day::tryFrom("{$parts[1]}-{$parts[2]}-{$parts[3]}") : null;
    }

    private static function cut(ItemStatement $statement, ItemProperty $property, int $length): string
    {
        return mb_substr($statement->value($property) ?? '', 0, $length);
    }
}
