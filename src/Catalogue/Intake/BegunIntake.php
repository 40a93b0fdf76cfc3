<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * An intake and how far it has come.
 */
final readonly class BegunIntake
{
    /**
     * @param int  $recordsRead how many records of the file were compared
     * @param bool $isCompared  whether all of it was
     * @param int  $doneTo      the place in the file up to which records were taken in
     */
    public function __construct(
        public int $id,
        public string $fileName,
        public ?string $path,
        public IntakeOptions $options,
        public IntakeState $state,
        public int $recordsRead,
        public int $doneTo,
        public string $begunAt,
        public string $staffName,
        public FileFormat $format,
        public bool $isCompared,
        public ?string $endedAt,
    ) {
    }

    /** Is it compared and taken in at once? Then none of it was compared without being in. */
    public function goesDirectly(): bool
    {
        return !$this->isCompared && $this->recordsRead === $this->doneTo && $this->is(IntakeState::Comparing, IntakeState::TakingIn);
    }

    public function is(IntakeState ...$states): bool
    {
        return \in_array($this->state, $states, true);
    }
}
