<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Holdings\ItemDetails;

/**
 * One physical piece with a barcode.
 */
#[ORM\Entity, ORM\ChangeTrackingPolicy('DEFERRED_EXPLICIT')]
#[ORM\Table(name: 'item')]
class Item
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column(options: ['unsigned' => true])]
    private ?int $id = null;

    #[ORM\Version, ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    #[ORM\Column(length: 40, unique: true)]
    private string $barcode = '';
    #[ORM\Column(length: 20, enumType: ItemStatus::class)]
    private ItemStatus $status = ItemStatus::Available;
    #[ORM\Column(options: ['unsigned' => true])]
    private int $branchId = 0;
    #[ORM\Column(options: ['unsigned' => true])]
    private int $locationId = 0;
    #[ORM\Column(options: ['unsigned' => true])]
    private int $lendingClassId = 0;
    #[ORM\Column(length: 40)]
    private string $prefix = '';
    #[ORM\Column(length: 190)]
    private string $callNumber = '';
    #[ORM\Column(length: 60)]
    private string $suffix = '';
    #[ORM\Column(length: 190)]
    private string $shelfKey = '';
    #[ORM\Column(length: 20)]
    private string $copy = '';
    #[ORM\Column(nullable: true)]
    private ?int $priceMinor = null;
    #[ORM\Column(type: 'day', nullable: true)]
    private ?Day $acquiredOn = null;
    #[ORM\Column(length: 2000)]
    private string $staffNote = '';
    #[ORM\Column(type: Types::TEXT, length: 16_777_215, nullable: true)]
    private ?string $statement = null;
    #[ORM\Embedded(class: Particulars::class, columnPrefix: false)]
    private Particulars $particulars;
    #[ORM\Column(nullable: true, options: ['unsigned' => true])]
    private ?int $temporaryLocationId = null;
    #[ORM\Column(type: 'day', nullable: true)]
    private ?Day $temporaryUntil = null;

    private function __construct(
        #[ORM\Column(options: ['unsigned' => true])]
        private int $recordId,
        #[ORM\Column(options: ['unsigned' => true])]
        private int $atBranchId,
    ) {
        $this->particulars = new Particulars();
    }

    public static function onRecord(int $recordId, ItemDetails $details): self
    {
        $item = new self($recordId, $details->branchId);
        $item->describe($details);

        return $item;
    }

    public function describe(ItemDetails $details): void
    {
        $this->barcode = $details->barcode;
        $this->status = $details->status;
        if (ItemStatus::Available === $details->status && $this->branchId !== $details->branchId) {
            $this->atBranchId = $details->branchId;
        }
        $this->branchId = $details->branchId;
        $this->locationId = $details->locationId;
        $this->lendingClassId = $details->lendingClassId;
        $this->prefix = $details->prefix;
        $this->callNumber = $details->callNumber;
        $this->suffix = $details->suffix;
        $this->shelfKey = $details->shelfKey;
        $this->copy = $details->copy;
        $this->priceMinor = $details->priceMinor;
        $this->acquiredOn = $details->acquiredOn;
        $this->staffNote = $details->staffNote;
        $this->particulars = $details->particulars;
        $this->temporaryLocationId = $details->temporaryLocationId;
        $this->temporaryUntil = $details->temporaryUntil;
    }

    /** The time at its temporary location is over. */
    public function fallBack(): void
    {
        $this->temporaryLocationId = null;
        $this->temporaryUntil = null;
    }

    public function moveTo(int $recordId): void
    {
        $this->recordId = $recordId;
    }

    public function details(): ItemDetails
    {
        return new ItemDetails(
            $this->barcode,
            $this->status,
            $this->branchId,
            $this->locationId,
            $this->lendingClassId,
            $this->prefix,
            $this->callNumber,
            $this->suffix,
            $this->shelfKey,
            $this->copy,
            $this->priceMinor,
            $this->acquiredOn,
            $this->staffNote,
            $this->particulars,
            $this->temporaryLocationId,
            $this->temporaryUntil,
        );
    }

    /** Goes out with a borrower, from the branch where it is. */
    public function goOut(int $branchId): void
    {
        $this->status = ItemStatus::OnLoan;
        $this->atBranchId = $branchId;
    }

    /** Comes in at a branch: to stay when it belongs there, else to be sent home. A status that needs a hand stays. */
    public function comeIn(int $branchId): void
    {
        $this->atBranchId = $branchId;
        if (ItemStatus::OnLoan === $this->status || ItemStatus::Available === $this->status || $this->status->endsWithReturn()) {
            $this->status = $branchId === $this->branchId ? ItemStatus::Available : ItemStatus::InTransit;
        }
    }

    /** As it was before an act that is taken back. */
    public function putBack(ItemStatus $status, int $atBranchId): void
    {
        $this->status = $status;
        $this->atBranchId = $atBranchId;
    }

    public function id(): int
    {
        return $this->id ?? throw new \LogicException('Not saved yet.');
    }

    public function version(): int
    {
        return $this->version;
    }

    public function recordId(): int
    {
        return $this->recordId;
    }

    public function barcode(): string
    {
        return $this->barcode;
    }

    public function status(): ItemStatus
    {
        return $this->status;
    }

    public function branchId(): int
    {
        return $this->branchId;
    }

    public function atBranchId(): int
    {
        return $this->atBranchId;
    }

    public function lendingClassId(): int
    {
        return $this->lendingClassId;
    }

    public function statement(): ?string
    {
        return $this->statement;
    }
}
