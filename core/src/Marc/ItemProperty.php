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
}
