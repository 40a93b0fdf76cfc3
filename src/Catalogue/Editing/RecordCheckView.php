<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Core\Marc\Definition\Remark;

final readonly class RecordCheckView
{
    /**
     * @param string|null     $problem why the text is no record at all
     * @param list<Remark>    $remarks what MARC 21 does not provide for
     * @param list<PlaceView> $missing required by the worksheet
     * @param list<PlaceView> $wanting recommended by it
     */
    public function __construct(public ?string $problem, public array $remarks, public array $missing, public array $wanting)
    {
    }
}
