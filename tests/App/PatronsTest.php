<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

final class PatronsTest extends AppTestCase
{
    public function testAPatronIsRegisteredWithTheMembershipsEndAndANumber(): void
    {
        $this->signIn('desk');
        $first = $this->send('POST', '/api/patrons', $this->form(), 200);
        $second = $this->send('POST', '/api/patrons', $this->form(), 200);
        self::assertSame(['P0000001', '2027-03-03'], [$first['cardNumber'], $first['expiresOn']]);
        self::assertSame('P0000002', $second['cardNumber']);
    }

    public function testTheSameFormSentTwiceRegistersOnePatron(): void
    {
        $form = $this->form();
        self::assertSame($this->send('POST', '/api/patrons', $form, 200), $this->send('POST', '/api/patrons', $form, 200));
        self::assertSame(1, $this->rows('patron'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faults(): iterable
    {
        yield 'no name' => [['familyName' => '  '], 'familyName', 'Enter the family name.'];
        yield 'no membership' => [['membership' => ''], 'membership', 'Choose a membership.'];
        yield 'an unknown branch' => [['branch' => 'MOON'], 'branch', 'There is no branch "MOON".'];
        yield 'an address that is none' => [['email' => 'mara(at)post'], 'email', 'This is no e-mail address.'];
        yield 'a day that does not exist' => [['birthDate' => '2001-02-30'], 'birthDate', 'Enter the birth date as'];
        yield 'born tomorrow' => [['birthDate' => '2026-03-04'], 'birthDate', 'lies in the future'];
        yield 'a card that another has' => [['cardNumber' => 'TAKEN'], 'cardNumber', 'Card TAKEN belongs to Mara Venn.'];
        yield 'a card with a blank' => [['cardNumber' => 'P 1'], 'cardNumber', 'A card number has no blanks'];
        yield 'the barcode of an item' => [['cardNumber' => '300000001'], 'cardNumber', 'is the barcode of an item'];
    }

    /** @param array<string, mixed> $fault */
    #[DataProvider('faults')]
    public function testAFaultIsNamedAtItsField(array $fault, string $field, string $sentence): void
    {
        $this->aPatron('TAKEN');
        $this->anItem();
        $violations = $this->send('POST', '/api/patrons', $fault + $this->form(), 422)['violations'];
        self::assertIsArray($violations);
        self::assertSame([$field], self::column($violations, 'field'));
        self::assertStringContainsString($sentence, implode(' ', array_filter(self::column($violations, 'sentence'), \is_string(...))));
        self::assertSame(1, $this->rows('patron'));
    }

    public function testAStaleSaveIsRefusedWithHowItIsNow(): void
    {
        $patron = $this->aPatron();
        $this->send('PUT', "/api/patrons/{$patron}", ['version' => 1, 'phone' => '02 111'] + $this->form(), 200);
        $refused = $this->send('PUT', "/api/patrons/{$patron}", ['version' => 1, 'phone' => '02 222'] + $this->form(), 409);
        self::assertSame('stale', $refused['code']);
        self::assertSame(['02 111', 2], [self::at($refused, 'current', 'phone'), self::at($refused, 'current', 'version')]);
        self::assertSame('02 111', $this->get("/api/patrons/{$patron}")['phone']);
    }

    public function testAChangeIsJournalledWithBeforeAndAfter(): void
    {
        $patron = $this->aPatron();
        $this->send('PUT', "/api/patrons/{$patron}", ['version' => 1, 'cardNumber' => 'P0000001', 'phone' => '02 111'] + $this->form(), 200);
        $entry = self::at($this->get("/api/journal-entries?filter[subject]=patron:{$patron}"), 'entries', 0);
        self::assertIsArray($entry);
        self::assertSame(['patron-changed', ['phone' => null], ['phone' => '02 111']], [$entry['act'], $entry['before'], $entry['after']]);
    }

    public function testOnlyWhoMayBarsAPatron(): void
    {
        $patron = $this->aPatron();
        $this->signIn('desk');
        $form = ['version' => 1, 'barredBecause' => 'Owes a telescope'] + $this->form();
        $this->send('PUT', "/api/patrons/{$patron}", $form, 403);
        $this->signIn('manager');
        self::assertSame('Owes a telescope', $this->send('PUT', "/api/patrons/{$patron}", $form, 200)['barredBecause']);
    }

    /** @return iterable<string, array{string}> */
    public static function searches(): iterable
    {
        yield 'the beginning of the family name' => ['mol'];
        yield 'given name first' => ['edda mo'];
        yield 'family name first' => ['Møller-Strand, E'];
        yield 'without its diacritics' => ['moller strand'];
        yield 'card number' => ['P0000042'];
        yield 'e-mail' => ['edda@post.vesper.example'];
    }

    #[DataProvider('searches')]
    public function testAPatronIsFound(string $typed): void
    {
        $this->aPatron();
        $edda = $this->aPatron('P0000042', ['familyName' => 'Møller-Strand', 'givenName' => 'Edda', 'email' => 'edda@post.vesper.example']);
        self::assertSame([$edda], self::column((array) $this->get('/api/patrons?q='.rawurlencode($typed))['patrons'], 'id'));
    }

    public function testAListGoesOnBehindItsLastLine(): void
    {
        foreach (['Tarn', 'Aske', 'Venn', 'Quill', 'Aske'] as $index => $name) {
            $this->aPatron('P000000'.$index, ['familyName' => $name]);
        }
        $names = [];
        $after = '';
        do {
            $page = $this->get('/api/patrons?limit=2'.$after);
            array_push($names, ...self::column((array) $page['patrons'], 'familyName'));
            $after = \is_string($page['after']) ? '&after='.rawurlencode($page['after']) : '';
        } while ('' !== $after);
        self::assertSame(['Aske', 'Aske', 'Quill', 'Tarn', 'Venn'], $names);
    }

    /** @return array<string, mixed> */
    private function form(): array
    {
        return ['id' => self::id(), 'familyName' => 'Venn', 'givenName' => 'Mara', 'branch' => 'LAN', 'membership' => 'ADULT'];
    }
}
