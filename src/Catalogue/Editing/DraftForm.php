<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class DraftForm
{
    /** @param int $begunFrom the version that the changes began from; 0 for a new record */
    public function __construct(
        #[Assert\Length(max: 1_000_000, maxMessage: 'A record has at most {{ limit }} characters.')]
        public string $text = '',
        #[Assert\Length(max: 60, maxMessage: 'There is no such worksheet.')]
        public string $worksheet = '',
        #[Assert\Range(notInRangeMessage: 'There is no such version.', min: 0, max: 2_000_000_000)]
        public int $begunFrom = 0,
    ) {
    }
}
