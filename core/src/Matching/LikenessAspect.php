<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * In what two records are compared, and how much each counts of all that both of them tell.
 */
enum LikenessAspect: string
{
    case Title = 'title';
    case Volume = 'volume';
    case Author = 'author';
    case Year = 'year';
    case Edition = 'edition';
    case Format = 'format';
    case Number = 'number';

    public function weight(): float
    {
        return match ($this) {
            self::Title => 0.30,
            self::Number => 0.20,
            self::Author, self::Year => 0.15,
            self::Volume, self::Edition, self::Format => 0.10,
        };
    }

    /** From which value on two records agree in this. Words are written in many ways; numbers are not. */
    public function agreesFrom(): float
    {
        return match ($this) {
            self::Title => 0.6,
            self::Author => 0.6,
            self::Edition => 0.8,
            default => 1.0,
        };
    }
}
