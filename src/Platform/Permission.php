<?php

declare(strict_types=1);

namespace TinLantern\Platform;

/**
 * What a person may do. Roles are made of these; every route names the one it needs.
 */
enum Permission: string
{
    case ViewCatalogue = 'catalogue.view';
    case TakeInFiles = 'catalogue.take-in';
    case EditRecords = 'catalogue.edit';
    case EditItems = 'items.edit';
    case ViewPatrons = 'patrons.view';
    case EditPatrons = 'patrons.edit';
    case BarPatrons = 'patrons.bar';
    case Lend = 'lending.lend';
    case Return = 'lending.return';
    case Renew = 'lending.renew';
    case TakeBackLending = 'lending.take-back';
    case SetDueDate = 'lending.set-due-date';
    case OverridePatron = 'lending.override-patron';
    case OverrideItem = 'lending.override-item';
    case OverrideLimit = 'lending.override-limit';
    case ViewJournal = 'journal.view';
    case ViewHouseRules = 'house.view';
    case EditHouseRules = 'house.edit';
}
