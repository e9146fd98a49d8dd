<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Stores;

use Berm\Core\Revision;
use Berm\Core\Stores\Box;
use Berm\Core\Stores\Gtin;
use Berm\Core\Stores\Label;
use Berm\Core\Stores\UnreadableLabel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * The numbers are GS1's own examples: the check digit calculator's, the DataMatrix guideline's and the demonstration prefix 952 (all from
 * memory).
 */
final class LabelTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function numbers(): iterable
    {
        yield 'GTIN-13 of the worked check digit' => ['6291041500213', '06291041500213'];
        yield 'GTIN-14 of the DataMatrix guideline' => ['09501101530003', '09501101530003'];
        yield 'GTIN-14 of the demonstration prefix' => ['09521234543213', '09521234543213'];
        yield 'GTIN-12, the worked example of a U.P.C.' => ['036000291452', '00036000291452'];
        yield 'GTIN-8, the worked example of an EAN-8' => ['73513537', '00000073513537'];
        yield 'with spaces, as printed' => ['6 291041 500213', '06291041500213'];
    }

    #[Test]
    #[DataProvider('numbers')]
    public function anItemNumberIsKeptInFourteenDigits(string $text, string $digits): void
    {
        self::assertSame($digits, Gtin::parse($text)->digits);
    }

    /** @return iterable<string, array{string}> one label, as readers and people give it */
    public static function labels(): iterable
    {
        yield 'with brackets' => ['(01)09501101530003(17)270630(10)AB-123(21)7'];
        yield 'with brackets and spaces' => [' (01) 09501101530003 (17) 270630 (10) AB-123 (21) 7 '];
        yield 'as a DataMatrix reader sends it' => ["]d201095011015300031727063010AB-123\x1D217"];
        yield 'as a GS1-128 reader sends it' => ["]C101095011015300031727063010AB-123\x1D217"];
        yield 'with the separator typed' => ['01095011015300031727063010AB-123<GS>217'];
        yield 'with FNC1 at its start' => ["\x1D01095011015300031727063010AB-123\x1D217"];
        yield 'in another order, without any separator' => ['010950110153000317270630217<GS>10AB-123'];
    }

    #[Test]
    #[DataProvider('labels')]
    public function aLabelIsReadWithAndWithoutSeparator(string $text): void
    {
        $label = Label::read($text, 2026);
        self::assertSame(
            ['09501101530003', 'AB-123', '7', '2027-06-30', null],
            [$label->gtin->digits, $label->batch, $label->serial, $label->expiresOn?->format('Y-m-d'), $label->madeOn],
        );
    }

    /**
     * GS1 General Specifications, sections 3 and 7.8.5: 240 and 37 end with the separator, 02, 15, 20 and 3103 have a length of their own.
     *
     * @return iterable<string, array{string, list<string>}>
     */
    public static function longer(): iterable
    {
        yield 'with brackets' => ['(01)09501101530003(3103)001750(17)270630(10)AB-123', ['(3103)001750']];
        yield 'of a length of its own' => ['010950110153000331030017501727063010AB-123', ['(31)03001750']];
        yield 'with the separator' => ["0109501101530003240X7\x1D1727063010AB-123", ['(24)0X7']];
        yield 'at the end' => ["01095011015300031727063010AB-123\x1D375", ['(37)5']];
        yield 'more than one' => ['(01)09501101530003(20)01(17)270630(10)AB-123(15)270101', ['(20)01', '(15)270101']];
    }

    /** @param list<string> $others */
    #[Test]
    #[DataProvider('longer')]
    public function whatIsNotNeededIsSkippedAndListed(string $text, array $others): void
    {
        $label = Label::read($text, 2026);
        self::assertSame(
            ['09501101530003', 'AB-123', '2027-06-30'], [$label->gtin->digits, $label->batch, $label->expiresOn?->format('Y-m-d')],
        );
        self::assertSame($others, $label->others);
    }

    /** @return iterable<string, array{string, string}> GS1 General Specifications, section 7.12, and day 00 */
    public static function dates(): iterable
    {
        yield 'this century' => ['260314', '2026-03-14'];
        yield '50 years on' => ['760314', '2076-03-14'];
        yield '51 years on is last century' => ['770314', '1977-03-14'];
        yield 'a leap day' => ['280229', '2028-02-29'];
        yield 'day 00 is the last of the month' => ['270200', '2027-02-28'];
    }

    #[Test]
    #[DataProvider('dates')]
    public function twoDigitsOfAYearStandForTheNearest(string $digits, string $date): void
    {
        self::assertSame($date, Label::read("(01)09501101530003(11)$digits", 2026)->madeOn?->format('Y-m-d'));
    }

    #[Test]
    public function lateInACenturyTheNextOneIsMeant(): void
    {
        self::assertSame('2104-01-01', Label::read('(01)09501101530003(17)040101', 2096)->expiresOn?->format('Y-m-d'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => [' ', 'is empty'];
        yield 'a wrong check digit' => ['(01)09501101530004', 'its last digit should be 3'];
        yield 'cut short' => ['010950110153', 'ends inside (01), which has 14 digits'];
        yield 'a date that is none' => ['(01)09501101530003(17)271301', 'is no date'];
        yield 'the 30th of February' => ['(01)09501101530003(17)270230', 'is no date'];
        yield 'no item' => ['(10)AB-123', 'has no item number (01)'];
        yield 'two labels in one' => ['(01)09501101530003(01)09521234543213', 'has (01) twice'];
        yield 'a separator that is missing' => ['010950110153000310AB-12345678901234567890123', 'the separator is missing'];
        yield 'words' => ['no label at all', 'where the number of an element belongs'];
    }

    #[Test]
    #[DataProvider('unreadable')]
    public function aBadLabelSaysWhatToDo(string $text, string $reason): void
    {
        $this->expectException(UnreadableLabel::class);
        $this->expectExceptionMessage($reason);
        Label::read($text, 2026);
    }

    #[Test]
    public function aBoxThatIsExpiredOpenedOrReservedCannotBeTakenAndSaysWhy(): void
    {
        $day = static fn (string $date): \DateTimeImmutable => new \DateTimeImmutable($date);
        $box = static fn (?string $reserved, ?\DateTimeImmutable $opened): Box => new Box(
            'b',
            Revision::of('kit', 1),
            '1',
            Gtin::parse('09501101530003'),
            'AB',
            '',
            null,
            $day('2026-06-30'),
            'Shelf 2',
            $reserved,
            $opened,
            [],
        );
        self::assertNull($box(null, null)->refusal($day('2026-06-30'), 'job'), 'the last day belongs to it');
        self::assertSame('It expired on {date}: send it back.', $box(null, null)->refusal($day('2026-07-01'), 'job')?->template);
        self::assertSame('It is reserved for another job.', $box('other', null)->refusal($day('2026-06-01'), 'job')?->template);
        self::assertNull($box('job', $day('2026-05-01'))->refusal($day('2026-06-01'), 'job'));
        self::assertStringStartsWith(
            'It was opened on', $box(null, $day('2026-05-01'))->refusal($day('2026-06-01'), 'job')->template ?? '',
        );
    }

    #[Test]
    public function anExpiryThatIsNotPrintedComesFromTheShelfLife(): void
    {
        $label = Label::read('(01)09501101530003(11)260131', 2026);
        self::assertSame(['2028-01-31', null], [Box::expiry($label, 24)?->format('Y-m-d'), Box::expiry($label, null)]);
    }
}
