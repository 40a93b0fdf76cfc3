<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What a file holds, and what has become of it.
 */
final readonly class IntakeCounts
{
    /**
     * @param int $read     records, whole or broken
     * @param int $new      the catalogue does not have them
     * @param int $matched  the catalogue has them
     * @param int $again    the file has them twice
     * @param int $failed   they cannot be read
     * @param int $unfit    they describe no title
     * @param int $skipped  they were left out, as chosen or because they describe no title
     * @param int $items    items added
     * @param int $remarked something is said about them
     * @param int $near     of the new ones, those that something in the catalogue is like
     */
    public function __construct(
        public int $read,
        public int $new,
        public int $matched,
        public int $again,
        public int $failed,
        public int $unfit,
        public int $added,
        public int $replaced,
        public int $merged,
        public int $itemsOnly,
        public int $skipped,
        public int $items,
        public int $remarked,
        public int $near,
    ) {
    }

    /** @return array<string, mixed> for the journal */
    public function told(): array
    {
        $counts = [
            'read' => $this->read, 'new' => $this->new, 'matched' => $this->matched, 'again' => $this->again, 'failed' => $this->failed, 'unfit' => $this->unfit,
            'added' => $this->added, 'replaced' => $this->replaced, 'merged' => $this->merged, 'itemsOnly' => $this->itemsOnly, 'skipped' => $this->skipped, 'items' => $this->items, 'remarked' => $this->remarked, 'near' => $this->near,
        ];

        return array_filter($counts, static fn (int $count): bool => $count > 0);
    }
}
