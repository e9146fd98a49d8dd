<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Check;

use Berm\Core\Check\Check;
use Berm\Core\Check\Circumstances;
use Berm\Core\Check\Each;
use Berm\Core\Check\Look;
use Berm\Core\Check\Looked;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\Formula\Values;
use Berm\Core\Kit\Mistake;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** A look is answered yes or no; a yes may be one of several by one touch, and says so. */
final class LookedTest extends TestCase
{
    #[Test]
    public function theRecordSaysWhichWereAnsweredTogether(): void
    {
        $looked = Fields::read(['seen' => true, 'together' => 6], Looked::read(...));
        self::assertSame('yes, one of 6 answered together', $looked->inWords());
        self::assertSame(['seen' => true, 'together' => 6], $looked->write());
        self::assertSame(['yes', ['seen' => true]], [Looked::andItIsSo()->inWords(), Looked::andItIsSo()->write()]);
        self::assertSame(['no', ['seen' => false]], [Looked::andItIsNot()->inWords(), Looked::andItIsNot()->write()]);
    }

    /** Wiped, abraded or heated again: each has its own mend (trade: common practice). */
    #[Test]
    public function whatIsFoundOnAHeatedWallIsSaidWithItsMend(): void
    {
        $now = new Circumstances(Values::of([]), null, null);
        $says = static fn (string $fault): string => (new Look())->judge(
            Fields::read(['seen' => false, 'fault' => $fault], Looked::read(...)), $now,
        )->sentence->template;
        self::assertStringStartsWith('A scorch. Wipe a light one. A deep one is abraded', $says('scorch'));
        self::assertStringStartsWith('A wrinkle. Soft flame round and round', $says('wrinkle'));
        self::assertStringStartsWith('A flat or cold spot. Heat there again, all round', $says('flat-spot'));
        self::assertStringStartsWith('A bubble. Air is beneath', $says('bubble'));
        $looked = Fields::read(['seen' => false, 'fault' => 'scorch'], Looked::read(...));
        self::assertSame(['no, a scorch', ['seen' => false, 'fault' => 'scorch']], [$looked->inWords(), $looked->write()]);
        self::assertSame('out', (new Look())->judge($looked, $now)->verdict->value);
    }

    #[Test]
    public function aHeatedWallIsKnownByTheMistakesThatItsLookShows(): void
    {
        $isHeated = static fn (Mistake ...$catches): bool => (new Check(
            'k', 'a', Each::Once, null, new Look(), '', '', array_values($catches),
        ))->isOfHeatedSurface();
        self::assertSame(
            [true, true, true, false, false, false],
            [
                $isHeated(Mistake::Scorch), $isHeated(Mistake::Groove, Mistake::OneSidedHeat),
                $isHeated(Mistake::EndsFirst, Mistake::Scorch),
                $isHeated(Mistake::EndsFirst), $isHeated(Mistake::Groove), $isHeated(),
            ],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'a no' => [['seen' => false, 'together' => 6], 'together goes with a yes only: say by itself what is not so.'];
        yield 'a fault with a yes' => [['seen' => true, 'fault' => 'scorch'], 'fault goes with a no only'];
        yield 'no fault' => [['seen' => false, 'fault' => 'dirt'], 'fault'];
        yield 'one' => [['seen' => true, 'together' => 1], 'together'];
        yield 'too many' => [['seen' => true, 'together' => 401], 'together'];
        yield 'no number' => [['seen' => true, 'together' => 'all'], 'together'];
    }

    /** @param array<string, mixed> $file */
    #[Test]
    #[DataProvider('bad')]
    public function whatIsNotSoIsSaidByItself(array $file, string $fault): void
    {
        try {
            Fields::read($file, Looked::read(...));
            self::fail('taken');
        } catch (BadDocument $error) {
            self::assertCount(1, $error->problems);
            self::assertStringContainsString($fault, trim($error->problems[0]->path.' '.$error->problems[0]->message));
        }
    }
}
