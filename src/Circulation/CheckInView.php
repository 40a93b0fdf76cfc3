<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Holdings\ItemView;

final readonly class CheckInView
{
    /**
     * @param LoanView|null $loan         the loan that has ended; null when it was not lent
     * @param ItemStatus    $was          the status before
     * @param string|null   $sendTo       name of the branch it belongs to, when it has to be sent there
     * @param bool          $isOverdue    it came in late
     * @param int           $journalEntry for taking it back
     */
    public function __construct(
        public ItemView $item,
        public ?LoanView $loan,
        public ItemStatus $was,
        public NextStep $nextStep,
        public ?string $sendTo,
        public bool $isOverdue,
        public int $journalEntry,
    ) {
    }
}
