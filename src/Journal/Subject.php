<?php

declare(strict_types=1);

namespace TinLantern\Journal;

/**
 * What an entry of the journal is about.
 */
enum Subject: string
{
    case Record = 'record';
    case Item = 'item';
    case Patron = 'patron';
    case Loan = 'loan';
    case Intake = 'intake';
    case House = 'house';
}
