<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * An item in a patron's hands, until it is returned. The database holds that an item has one open loan at most.
 */
#[ORM\Entity, ORM\ChangeTrackingPolicy('DEFERRED_EXPLICIT')]
#[ORM\Table(name: 'loan')]
class Loan
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $returnedAt = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $takenBackAt = null;

    #[ORM\Column(type: Types::SMALLINT)]
    private int $renewals = 0;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $lentAt;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $dueAt;

    public function __construct(
        #[ORM\Column(options: ['unsigned' => true])]
        private int $itemId,
        #[ORM\Column(options: ['unsigned' => true])]
        private int $patronId,
        #[ORM\Column(options: ['unsigned' => true])]
        private int $branchId,
        \DateTimeImmutable $lentAt,
        \DateTimeImmutable $dueAt,
    ) {
        $this->lentAt = self::stored($lentAt);
        $this->dueAt = self::stored($dueAt);
    }

    public function renewUntil(\DateTimeImmutable $due): void
    {
        $this->dueAt = self::stored($due);
        ++$this->renewals;
    }

    public function end(\DateTimeImmutable $now): void
    {
        $this->returnedAt = self::stored($now);
    }

    public function goOn(): void
    {
        $this->returnedAt = null;
    }

    /** It never was. */
    public function takeBack(\DateTimeImmutable $now): void
    {
        $this->takenBackAt = self::stored($now);
    }

    public function takeBackRenewal(\DateTimeImmutable $due): void
    {
        $this->dueAt = self::stored($due);
        --$this->renewals;
    }

    public function isOpen(): bool
    {
        return null === $this->returnedAt && null === $this->takenBackAt;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function itemId(): int
    {
        return $this->itemId;
    }

    public function patronId(): int
    {
        return $this->patronId;
    }

    public function branchId(): int
    {
        return $this->branchId;
    }

    public function lentAt(): \DateTimeImmutable
    {
        return $this->lentAt;
    }

    public function dueAt(): \DateTimeImmutable
    {
        return $this->dueAt;
    }

    public function renewals(): int
    {
        return $this->renewals;
    }

    private static function stored(\DateTimeImmutable $instant): \DateTimeImmutable
    {
        return $instant->setTimezone(new \DateTimeZone('UTC'));
    }
}
