<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Core\Calendar\Day;
use TinLantern\House\HouseLists;
use TinLantern\House\Membership;
use TinLantern\Platform\Problem\Invalid;

/**
 * Turns the form into details: looks up what it names, gives a card number, counts the end of the membership.
 */
final readonly class PatronDetailsOf
{
    public function __construct(private HouseLists $lists, private Connection $connection, private ClockInterface $clock, private \DateTimeZone $houseZone)
    {
    }

    public function __invoke(PatronForm $form, ?int $patronId = null): PatronDetails
    {
        $branch = $this->lists->branch($form->branch);
        $membership = $this->lists->membership($form->membership);
        $cardNumber = trim($form->cardNumber);
        $sentences = array_filter([
            'branch' => null === $branch ? \sprintf('There is no branch "%s". Choose one of the list.', $form->branch) : null,
            'membership' => null === $membership ? \sprintf('There is no membership "%s". Choose one of the list.', $form->membership) : null,
            'cardNumber' => $this->cardNumberProblem($cardNumber, $patronId),
            'birthDate' => null !== $form->birthDate && Day::of($form->birthDate)->isAfter($this->today()) ? 'The birth date lies in the future.' : null,
        ], static fn (?string $sentence): bool => null !== $sentence);
        if ([] !== $sentences || null === $branch || null === $membership) {
            throw new Invalid([] === $sentences ? ['branch' => 'Choose the home branch.'] : $sentences);
        }

        return new PatronDetails(
            '' === $cardNumber ? $this->nextCardNumber() : $cardNumber,
            trim($form->familyName),
            trim($form->givenName),
            null === $form->birthDate ? null : Day::of($form->birthDate),
            self::filled($form->email),
            self::filled($form->phone),
            self::filled($form->address),
            $branch->id,
            $membership->id,
            null === $form->expiresOn ? $this->endOf($membership) : Day::of($form->expiresOn),
            self::filled($form->barredBecause),
            $form->isCardLost,
            self::filled($form->staffNote),
        );
    }

    private function cardNumberProblem(string $cardNumber, ?int $patronId): ?string
    {
        if ('' === $cardNumber) {
            return null;
        }
        /** @var array{id: int, given_name: string, family_name: string}|false $holder */
        $holder = $this->connection->fetchAssociative('SELECT id, given_name, family_name FROM patron WHERE card_number = ?', [$cardNumber]);
        if (false !== $holder && $holder['id'] !== $patronId) {
            return \sprintf('Card %s belongs to %s %s. Scan another card.', $cardNumber, $holder['given_name'], $holder['family_name']);
        }
        if (false !== $this->connection->fetchOne('SELECT 1 FROM item WHERE barcode = ?', [$cardNumber])) {
            return \sprintf('%s is the barcode of an item. Scan another card.', $cardNumber);
        }

        return null;
    }

    private function nextCardNumber(): string
    {
        $last = $this->connection->fetchOne("SELECT MAX(card_number) FROM patron WHERE card_number REGEXP '^P[0-9]{7}$'");

        return \sprintf('P%07d', 1 + (int) substr(\is_string($last) ? $last : 'P0000000', 1));
    }

    private function endOf(Membership $membership): Day
    {
        return Day::of($this->clock->now()->setTimezone($this->houseZone)->modify(\sprintf('+%d months', $membership->months))->format('Y-m-d'));
    }

    private function today(): Day
    {
        return Day::at($this->clock->now(), $this->houseZone);
    }

    private static function filled(?string $text): ?string
    {
        $text = trim($text ?? '');

        return '' === $text ? null : $text;
    }
}
