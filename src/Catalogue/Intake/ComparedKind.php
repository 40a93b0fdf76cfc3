<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What comparing has found about a record of a file.
 */
enum ComparedKind: string
{
    case Fresh = 'new';
    /** The catalogue has it. */
    case Match = 'match';
    /** The file had it before. */
    case Again = 'again';
    /** It cannot be read. */
    case Broken = 'broken';
    /** It describes no title: an authority record, or one that its sender has deleted. */
    case Unfit = 'unfit';
}
