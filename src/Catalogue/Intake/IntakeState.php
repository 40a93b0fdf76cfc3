<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * How far an intake has come.
 */
enum IntakeState: string
{
    /** It has come; nobody has said yet how it is to be compared. */
    case Received = 'received';
    case Comparing = 'comparing';
    case Compared = 'compared';
    case TakingIn = 'taking-in';
    case TakenIn = 'taken-in';
    case TakingBack = 'taking-back';
    case TakenBack = 'taken-back';
    /** Nobody wants it; nothing of it is in the catalogue. */
    case PutAway = 'put-away';
}
