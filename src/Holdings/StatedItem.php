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
        $said = static fn (ItemProperty $property): string => $statement->value($property) ?? $defaults->values[$property->value] ?? '';
        $cut = static fn (ItemProperty $property, int $length): string => self::cut($said($property), $length);
        $prefix = $cut(ItemProperty::Prefix, 40);
        $callNumber = $cut(ItemProperty::CallNumber, 190);
        $suffix = $cut(ItemProperty::Suffix, 60);
        $temporary = $lists->location($defaults->values['temporaryLocation'] ?? '');

        return new self(new ItemDetails(
            $statement->barcode(),
            self::status($defaults->values['status'] ?? ''),
            $branch->id,
            $location->id,
            $class->id,
            $prefix,
            $callNumber,
            $suffix,
            ShelfKey::of($callNumber.' '.$suffix, $location->scheme, $prefix)->bytes,
            $cut(ItemProperty::Copy, 20),
            self::price($said(ItemProperty::Price)),
            self::acquiredOn($said(ItemProperty::Acquired)),
            $cut(ItemProperty::StaffNote, 2000),
            new Particulars(
                $cut(ItemProperty::Material, 60),
                $cut(ItemProperty::Volume, 60),
                $cut(ItemProperty::Vendor, 120),
                $cut(ItemProperty::Fund, 120),
                self::pieces($said(ItemProperty::Pieces)),
                $cut(ItemProperty::PiecesNote, 300),
                $cut(ItemProperty::PublicNote, 2000),
                $cut(ItemProperty::CheckInMessage, 300),
                $cut(ItemProperty::CheckOutMessage, 300),
                $cut(ItemProperty::SerialNumber, 120),
            ),
            $temporary?->id,
            null === $temporary ? null : Day::tryFrom($defaults->values['temporaryUntil'] ?? ''),
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
            ItemProperty::Material->value => $item->particulars->material,
            ItemProperty::Fund->value => $item->particulars->fund,
            ItemProperty::Pieces->value => 1 === $item->particulars->pieces ? '' : (string) $item->particulars->pieces,
            ItemProperty::PiecesNote->value => $item->particulars->piecesNote,
            ItemProperty::SerialNumber->value => $item->particulars->serialNumber,
            ItemProperty::CheckInMessage->value => $item->particulars->checkInMessage,
            ItemProperty::CheckOutMessage->value => $item->particulars->checkOutMessage,
        ];
    }

    /** Available, where a preset says nothing else; what lending sets is not for it to say. */
    private static function status(string $code): ItemStatus
    {
        $status = ItemStatus::tryFrom($code) ?? ItemStatus::Available;

        return $status->isSetByLending() ? ItemStatus::Available : $status;
    }

    private static function price(string $stated): ?int
    {
        $price = Money::tryFrom($stated);

        return null === $price || $price->minor > 2_000_000_000 ? null : $price->minor;
    }

    /** One, where nothing sensible is said. */
    private static function pieces(string $stated): int
    {
        return 1 === preg_match('/^[1-9]\d{0,2}$/D', $stated) ? (int) $stated : 1;
    }

    private static function acquiredOn(string $stated): ?Day
    {
        return 1 === preg_match('/^(\d{4})-?(\d{2})-?(\d{2})$/D', $stated, $parts) ? Day::tryFrom("{$parts[1]}-{$parts[2]}-{$parts[3]}") : null;
    }

    private static function cut(string $value, int $length): string
    {
        return \strlen($value) <= $length ? $value : mb_substr($value, 0, $length);
    }
}
