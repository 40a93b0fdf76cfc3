<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Doctrine\DBAL\Connection;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\CallNumber\ShelfKey;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Core\Money\Money;
use TinLantern\House\HouseLists;
use TinLantern\Platform\Problem\Invalid;

/**
 * Turns the form into details: looks up what it names, and derives the shelf key.
 */
final readonly class ItemDetailsOf
{
    public function __construct(private HouseLists $lists, private Connection $connection)
    {
    }

    public function __invoke(ItemForm $form, ?int $itemId = null, ?ItemStatus $present = null): ItemDetails
    {
        $branch = $this->lists->branch($form->branch);
        $location = $this->lists->location($form->location);
        $class = $this->lists->lendingClass($form->lendingClass);
        $status = ItemStatus::tryFrom($form->status);
        $temporary = $this->lists->location($form->temporaryLocation);
        $until = null === $form->temporaryUntil ? null : Day::tryFrom($form->temporaryUntil);
        $price = null === $form->price || '' === trim($form->price) ? null : Money::tryFrom($form->price);
        $barcode = trim($form->barcode);
        $sentences = array_filter([
            'branch' => null === $branch ? \sprintf('There is no branch "%s". Choose one of the list.', $form->branch) : null,
            'location' => null === $location ? \sprintf('There is no shelving location "%s". Choose one of the list.', $form->location) : null,
            'lendingClass' => null === $class ? \sprintf('There is no lending class "%s". Choose one of the list.', $form->lendingClass) : null,
            'status' => $this->statusProblem($status, $present, $form->status),
            'barcode' => $this->barcodeProblem($barcode, $itemId),
            'price' => null !== $form->price && '' !== trim($form->price) && null === $price ? \sprintf('"%s" is no price. Enter it as 12.50.', $form->price) : null,
            'temporaryLocation' => match (true) {
                '' !== $form->temporaryLocation && null === $temporary => \sprintf('There is no shelving location "%s". Choose one of the list.', $form->temporaryLocation),
                null !== $until && null === $temporary => 'Choose where it stands until then, or leave out the day.',
                default => null,
            },
            'temporaryUntil' => null !== $temporary && null === $until ? 'Say until when it stands there; the next day it falls back by itself.' : null,
        ], static fn (?string $sentence): bool => null !== $sentence);
        if ([] !== $sentences || null === $branch || null === $location || null === $class || null === $status) {
            throw new Invalid([] === $sentences ? ['branch' => 'Choose the branch.'] : $sentences);
        }

        return new ItemDetails(
            $barcode,
            $status,
            $branch->id,
            $location->id,
            $class->id,
            trim($form->prefix),
            trim($form->callNumber),
            trim($form->suffix),
            ShelfKey::of($form->callNumber.' '.$form->suffix, $location->scheme, $form->prefix)->bytes,
            trim($form->copy),
            $price?->minor,
            null === $form->acquiredOn ? null : Day::of($form->acquiredOn),
            trim($form->staffNote),
            $form->particulars(),
            $temporary?->id,
            $until,
        );
    }

    private function statusProblem(?ItemStatus $status, ?ItemStatus $present, string $sent): ?string
    {
        return match (true) {
            null === $status => \sprintf('There is no status "%s". Choose one of the list.', $sent),
            $status === $present => null,
            $status->isSetByLending() => 'This status is set at the desk, by lending and returning. Choose another.',
            null !== $present && $present->isSetByLending() => 'The item is on loan or in transit. Return it at the desk first.',
            default => null,
        };
    }

    private function barcodeProblem(string $barcode, ?int $itemId): ?string
    {
        /** @var array{id: int, title: string}|false $holder */
        $holder = $this->connection->fetchAssociative('SELECT i.id, r.title FROM item i JOIN record r ON r.id = i.record_id WHERE i.barcode = ?', [$barcode]);
        if (false !== $holder && $holder['id'] !== $itemId) {
            return \sprintf('Barcode %s is on another item ("%s"). Scan another label.', $barcode, $holder['title']);
        }
        if (false !== $this->connection->fetchOne('SELECT 1 FROM patron WHERE card_number = ?', [$barcode])) {
            return \sprintf('%s is a patron\'s card number. Scan another label.', $barcode);
        }

        return null;
    }
}
