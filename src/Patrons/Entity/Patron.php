<?php

declare(strict_types=1);

namespace TinLantern\Patrons\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Search\Fold;
use TinLantern\Patrons\PatronDetails;

/**
 * A borrower.
 */
#[ORM\Entity, ORM\ChangeTrackingPolicy('DEFERRED_EXPLICIT')]
#[ORM\Table(name: 'patron')]
class Patron
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    #[ORM\Column(length: 40, unique: true)]
    private string $cardNumber = '';
    #[ORM\Column(length: 120)]
    private string $familyName = '';
    #[ORM\Column(length: 120)]
    private string $givenName = '';
    #[ORM\Column(length: 190)]
    private string $nameKey = '';
    #[ORM\Column(length: 190)]
    private string $givenKey = '';
    #[ORM\Column(type: 'day', nullable: true)]
    private ?Day $birthDate = null;
    #[ORM\Column(length: 190, nullable: true)]
    private ?string $email = null;
    #[ORM\Column(length: 60, nullable: true)]
    private ?string $phone = null;
    #[ORM\Column(length: 400, nullable: true)]
    private ?string $address = null;
    #[ORM\Column(options: ['unsigned' => true])]
    private int $branchId = 0;
    #[ORM\Column(options: ['unsigned' => true])]
    private int $membershipId = 0;
    #[ORM\Column(type: 'day')]
    private Day $expiresOn;
    #[ORM\Column(length: 400, nullable: true)]
    private ?string $barredBecause = null;
    #[ORM\Column]
    private bool $isCardLost = false;
    #[ORM\Column(length: 2000, nullable: true)]
    private ?string $staffNote = null;
    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $registeredAt;

    private function __construct(PatronDetails $details, \DateTimeImmutable $now)
    {
        $this->registeredAt = $now;
        $this->expiresOn = $details->expiresOn;
        $this->describe($details);
    }

    public static function register(PatronDetails $details, \DateTimeImmutable $now): self
    {
        return new self($details, $now);
    }

    public function describe(PatronDetails $details): void
    {
        $this->cardNumber = $details->cardNumber;
        $this->familyName = $details->familyName;
        $this->givenName = $details->givenName;
        $this->nameKey = self::key($details->familyName.' '.$details->givenName);
        $this->givenKey = self::key($details->givenName.' '.$details->familyName);
        $this->birthDate = $details->birthDate;
        $this->email = $details->email;
        $this->phone = $details->phone;
        $this->address = $details->address;
        $this->branchId = $details->branchId;
        $this->membershipId = $details->membershipId;
        $this->expiresOn = $details->expiresOn;
        $this->barredBecause = $details->barredBecause;
        $this->isCardLost = $details->isCardLost;
        $this->staffNote = $details->staffNote;
    }

    public function details(): PatronDetails
    {
        return new PatronDetails(
            $this->cardNumber,
            $this->familyName,
            $this->givenName,
            $this->birthDate,
            $this->email,
            $this->phone,
            $this->address,
            $this->branchId,
            $this->membershipId,
            $this->expiresOn,
            $this->barredBecause,
            $this->isCardLost,
            $this->staffNote,
        );
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function name(): string
    {
        return trim($this->givenName.' '.$this->familyName);
    }

    public function cardNumber(): string
    {
        return $this->cardNumber;
    }

    public function membershipId(): int
    {
        return $this->membershipId;
    }

    public function expiresOn(): Day
    {
        return $this->expiresOn;
    }

    public function barredBecause(): ?string
    {
        return $this->barredBecause;
    }

    public function isCardLost(): bool
    {
        return $this->isCardLost;
    }

    /** Names fold to what a hurried desk types. */
    public static function key(string $name): string
    {
        return mb_strcut(trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', Fold::text($name)) ?? ''), 0, 190);
    }
}
