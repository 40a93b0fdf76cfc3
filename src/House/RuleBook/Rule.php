<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use TinLantern\Platform\Json;

/**
 * One entry of the rule book, such as a match rule or a worksheet: a code, a name, and content in the form of its kind.
 */
final readonly class Rule
{
    /**
     * @param int                  $version 0 for one that is as Tin Lantern brought it
     * @param array<string, mixed> $content
     */
    public function __construct(public string $code, public string $name, public int $position, public int $version, public array $content)
    {
    }

    /**
     * As the journal has kept it.
     *
     * @param array<string, mixed> $told
     */
    public static function ofTold(array $told): self
    {
        /** @var array{code: string, name: string, position?: int, version?: int, content: array<string, mixed>} $told */
        return new self($told['code'], $told['name'], $told['position'] ?? 1000, $told['version'] ?? 1, $told['content']);
    }

    /** Does it say the same, under the same name? */
    public function says(self $other): bool
    {
        return $this->name === $other->name && Json::encode($this->content) === Json::encode($other->content);
    }

    /**
     * As the journal keeps it.
     *
     * @return array<string, mixed>
     */
    public function told(string $kind): array
    {
        return ['kind' => $kind, 'code' => $this->code, 'name' => $this->name, 'position' => $this->position, 'version' => $this->version, 'content' => $this->content];
    }
}
