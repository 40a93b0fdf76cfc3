<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Labels for a label printer.
 */
final readonly class LabelJob
{
    /**
     * @param string    $id    a UUID of the sender's making: the printer prints a job once
     * @param string    $kind  spine, code128 or code39
     * @param list<int> $items ids; empty for all that wait
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        public string $printer = '',
        #[Assert\Choice(choices: ['spine', 'code128', 'code39'], message: 'kind is spine, code128 or code39.')]
        public string $kind = 'spine',
        #[Assert\Count(max: 500, maxMessage: 'Print at most 500 labels at once.')]
        #[Assert\All([new Assert\Type('int', message: 'Items are given by their numbers.'), new Assert\Positive(message: 'Items are given by their numbers.')])]
        public array $items = [],
    ) {
    }
}
