<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Check;

use Berm\Core\Check\Looked;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
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

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'a no' => [['seen' => false, 'together' => 6], 'together goes with a yes only: say by itself what is not so.'];
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
