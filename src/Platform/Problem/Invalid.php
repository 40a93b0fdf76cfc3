<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

/**
 * Fields that cannot be taken as they were sent, each with its sentence.
 */
final class Invalid extends Problem
{
    /** @var list<Violation> */
    public readonly array $violations;

    /** @param non-empty-array<string, string> $sentences by field, in the API's names */
    public function __construct(array $sentences)
    {
        $violations = [];
        foreach ($sentences as $field => $sentence) {
            $violations[] = new Violation($field, $sentence);
        }
        $this->violations = $violations;
        parent::__construct(422, 'Some fields need another look', 'invalid', implode(' ', $sentences), ['violations' => $violations]);
    }
}
