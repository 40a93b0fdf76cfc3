<?php

declare(strict_types=1);

namespace TinLantern\Platform;

use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use TinLantern\Core\Calendar\Day;

/**
 * Reads days of the calendar back from JSON.
 */
final class DayNormalizer implements DenormalizerInterface
{
    /** @param array<string, mixed> $context */
    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        return (\is_string($data) ? Day::tryFrom($data) : null) ?? throw new NotNormalizableValueException('This is no day.');
    }

    /** @param array<string, mixed> $context */
    public function supportsDenormalization(mixed $data, string $type, ?string $format = null, array $context = []): bool
    {
        return Day::class === $type;
    }

    /** @return array<class-string, bool> */
    public function getSupportedTypes(?string $format): array
    {
        return [Day::class => true];
    }
}
