<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Stores;

use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Revision;
use Berm\Core\Saying\Reader;
use Berm\Core\Stores\Box;
use Berm\Core\Stores\Gtin;
use Berm\Core\Stores\Label;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class BoxTest extends TestCase
{
    private const TODAY = '2026-11-25';

    /** @return iterable<string, array{Box, string}> */
    public static function boxes(): iterable
    {
        yield 'on the shelf' => [self::box(), ''];
        yield 'on its last day' => [self::box(self::TODAY), ''];
        yield 'a day over' => [self::box('2026-11-24'), 'It expired on 2026-11-24: send it back.'];
        yield 'of unknown expiry' => [self::box(null), ''];
        yield 'set aside for this job' => [self::box()->reservedFor('mine'), ''];
        yield 'set aside for another' => [self::box()->reservedFor('theirs'), 'It is reserved for another job.'];
        yield 'opened for this job' => [self::box()->openedFor('mine', self::day(self::TODAY), []), ''];
        yield 'opened for another' => [
            self::box()->openedFor('theirs', self::day('2026-10-01'), []),
            'It was opened on 2026-10-01: what is left in it is not complete.',
        ];
        yield 'opened here and not complete' => [
            self::box()->openedFor('mine', self::day(self::TODAY), ['mesh']), 'Parts of it were missing when it was checked.',
        ];
        yield 'expired and reserved: what cannot be mended is said' => [
            self::box('2026-11-24')->reservedFor('theirs'), 'It expired on 2026-11-24: send it back.',
        ];
        yield 'opened by mistake and put back' => [self::box()->openedFor('theirs', self::day('2026-10-01'), ['mesh'])->closed(), ''];
    }

    #[Test]
    public function aBoxGoesBackToTheShelfAsLongAsItIsClosed(): void
    {
        $aside = self::box()->reservedFor('mine');
        self::assertNull($aside->refusalToPutBack());
        self::assertNull($aside->putBack()->reservedFor);
        self::assertNull(self::box()->refusalToPutBack(), 'it stands there already');
        $refusal = self::box()->openedFor('mine', self::day(self::TODAY), [])->refusalToPutBack();
        self::assertStringStartsWith('It is open:', null === $refusal ? '' : (new Reader(LengthUnit::Millimetre))->say($refusal));
    }

    #[Test]
    #[DataProvider('boxes')]
    public function aBoxThatCannotBeTakenForAJobSaysWhy(Box $box, string $says): void
    {
        $refusal = $box->refusal(self::day(self::TODAY), 'mine');
        self::assertSame($says, null === $refusal ? '' : (new Reader(LengthUnit::Millimetre))->say($refusal));
    }

    /** @return iterable<string, array{string, int|null, string|null}> label, shelf life in months, expiry */
    public static function labels(): iterable
    {
        yield 'the date printed counts' => ['(01)09521230010733(11)260601(17)270630', 36, '2027-06-30'];
        yield 'else manufacture and shelf life' => ['(01)09521230010733(11)260601', 36, '2029-06-01'];
        yield '31 August and 18 months: the end of February' => ['(01)09521230010733(11)260831', 18, '2028-02-29'];
        yield 'to the end of a short month' => ['(01)09521230010733(11)280200', 24, '2030-02-28'];
        yield 'no shelf life in the sheet' => ['(01)09521230010733(11)260601', null, null];
        yield 'no date at all' => ['(01)09521230010733', 36, null];
    }

    #[Test]
    #[DataProvider('labels')]
    public function itsExpiryIsPrintedOrWorkedOut(string $label, ?int $months, ?string $expiry): void
    {
        self::assertSame($expiry, Box::expiry(Label::read($label, 2026), $months)?->format('Y-m-d'));
    }

    #[Test]
    public function theDayItWasOpenedStaysWhenItIsLookedAtAgain(): void
    {
        $box = self::box()->openedFor('mine', self::day('2026-11-20'), ['mesh'])->openedFor('mine', self::day(self::TODAY), []);
        self::assertSame(['2026-11-20', []], [$box->openedAt?->format('Y-m-d'), $box->missing]);
    }

    private static function box(?string $expires = '2027-06-30'): Box
    {
        return new Box(
            'b',
            Revision::of('kit', 1),
            'M',
            Gtin::parse('09506000134352'),
            'B1',
            '',
            null,
            null === $expires ? null : self::day($expires),
            'Shelf',
            null,
            null,
            [],
        );
    }

    private static function day(string $day): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day.'T00:00:00Z');
    }
}
