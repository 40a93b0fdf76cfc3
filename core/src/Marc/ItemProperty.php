<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * What a record's field can say about an item.
 */
enum ItemProperty: string
{
    case Barcode = 'barcode';
    case Branch = 'branch';
    case Location = 'location';
    case Prefix = 'prefix';
    case CallNumber = 'callNumber';
    case Suffix = 'suffix';
    case Copy = 'copy';
    case Price = 'price';
    case Acquired = 'acquired';
    case LendingClass = 'lendingClass';
    case StaffNote = 'staffNote';
    case PublicNote = 'publicNote';
    case Volume = 'volume';
    case Vendor = 'vendor';
    case Material = 'material';
    case Fund = 'fund';
    case Pieces = 'pieces';
    case PiecesNote = 'piecesNote';
    case SerialNumber = 'serialNumber';
    case CheckInMessage = 'checkInMessage';
    case CheckOutMessage = 'checkOutMessage';

    /** Is it for the house alone? What others harvest goes without it. */
    public function isOurs(): bool
    {
        return \in_array($this, [self::Price, self::StaffNote, self::Vendor, self::Fund, self::SerialNumber, self::CheckInMessage, self::CheckOutMessage], true);
    }
}
