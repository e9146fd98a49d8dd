<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Coverage;

use Berm\Core\Coverage\Caught;
use Berm\Core\Coverage\Coverage;
use Berm\Core\Coverage\InMarkdown;
use Berm\Core\Coverage\Means;
use Berm\Core\Coverage\NotOnSheet;
use Berm\Core\Coverage\Part;
use Berm\Core\Coverage\Row;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Mistake;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What the demo's sheets see to: every kind of accessory, step by step and mistake by mistake. */
final class CoverageTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../../demo/coverage';

    /** @var list<Coverage> */
    private static array $all = [];

    #[Test]
    public function allEighteenKindsOfAccessoryHaveASheetThatSaysEveryStep(): void
    {
        $systems = array_map(static fn (Coverage $one): int => $one->system, self::all());
        sort($systems);
        self::assertSame(range(1, 18), $systems);
        foreach (self::all() as $one) {
            $steps = array_map(static fn (Row $row): int => $row->number, $one->rows);
            self::assertSame(range(1, \count($steps)), $steps, $one->sheet->name);
            self::assertGreaterThanOrEqual(44, \count($steps), $one->sheet->name);
        }
    }

    #[Test]
    public function whatHasANumberIsWorkedOutOrMeasured(): void
    {
        $numbered = $known = $steps = $said = 0;
        foreach (self::all() as $one) {
            $numbered += \count($one->numbered());
            $known += \count($one->known());
            $steps += \count($one->rows);
            $said += \count($one->onlySaid());
            self::assertGreaterThanOrEqual(0.5, \count($one->known()) / \count($one->numbered()), $one->sheet->name);
        }
        self::assertGreaterThanOrEqual(0.7, $known / $numbered);
        self::assertLessThanOrEqual(0.1, $said / $steps);
    }

    #[Test]
    public function whatIsOnlySaidSaysWhy(): void
    {
        $said = array_merge(...array_map(static fn (Coverage $one): array => $one->onlySaid(), self::all()));
        self::assertNotSame([], $said);
        foreach ($said as $row) {
            foreach ($row->parts as $part) {
                self::assertNotSame('', $part->reason, $part->words);
            }
        }
    }

    #[Test]
    public function itWearsNobodyOut(): void
    {
        foreach (self::all() as $one) {
            $cores = max(array_map(static fn ($takes): int => $takes->cores->value, $one->sheet->takes));
            self::assertLessThanOrEqual(1 === $cores ? 60 : 140, $one->touches(), $one->sheet->name);
        }
    }

    #[Test]
    public function everyMistakeThatCanBeMadeIsShownInTime(): void
    {
        foreach (self::all() as $one) {
            $missing = array_map(static fn (Mistake $mistake): string => $mistake->words(), Caught::missing($one->sheet));
            self::assertSame([], $missing, $one->sheet->name);
        }
        $isPossible = static fn (Mistake $mistake): bool => [] !== array_filter(
            self::all(), static fn (Coverage $one): bool => $mistake->isPossibleOn($one->sheet),
        );
        $never = array_filter(Mistake::cases(), static fn (Mistake $one): bool => !$isPossible($one));
        self::assertSame([], array_values($never), 'each can be made somewhere');
    }

    /** A check that shows nothing must not hide that nothing does. */
    #[Test]
    public function aMistakeThatNothingShowsIsNamed(): void
    {
        $text = (string) file_get_contents(self::FOLDER.'/../kits/osterwick-lined-15.json');
        self::assertSame(1, substr_count($text, '"carbon"'));
        $sheet = Fields::readText(str_replace('"carbon"', '"filings"', $text), KitSheetFile::read(...));
        self::assertSame([Mistake::Carbon], Caught::missing($sheet));
    }

    #[Test]
    public function onlyWhatCanGoWrongWithAKitIsHeldAgainstIt(): void
    {
        $possible = static fn (string $kit): array => array_filter(
            Mistake::cases(), static fn (Mistake $one): bool => $one->isPossibleOn(Demo::kit($kit)),
        );
        self::assertContains(Mistake::Scorch, $possible('quillon-core-17'));
        self::assertNotContains(Mistake::Scorch, $possible('harrow-sock-28'), 'no flame');
        self::assertContains(Mistake::HoldoutTwisted, $possible('harrow-sock-28'));
        self::assertNotContains(Mistake::HoldoutTwisted, $possible('marlpike-pushed-12'), 'pushed, not drawn');
        self::assertContains(Mistake::LugNotThrough, $possible('harrow-deadbreak-25'));
        self::assertNotContains(Mistake::LugNotThrough, $possible('osterwick-pad-28'));
        self::assertContains(Mistake::OilSeal, $possible('quillon-paper-17'));
        self::assertNotContains(Mistake::OilSeal, $possible('quillon-pairs-36'));
        self::assertContains(Mistake::WrongMesh, $possible('harrow-anyscreen-35'));
        self::assertNotContains(Mistake::WrongMesh, $possible('harrow-sock-28'), 'one kind of screen only');
    }

    #[Test]
    public function aPartThatTheSheetDoesNotHaveIsRefused(): void
    {
        $sheet = Demo::kit('osterwick-lined-15');
        self::assertSame(Means::Computed, Part::of($sheet, 'item body')->means);
        self::assertSame(Means::Measured, Part::of($sheet, 'check body on-lug')->means);
        self::assertSame(Means::Asked, Part::of($sheet, 'check body no-gap')->means);
        foreach (['item bodies', 'check body', 'check body nothing', 'cut armour', 'rule nothing', 'say body 1', 'word'] as $name) {
            try {
                Part::of($sheet, $name);
                self::fail($name);
            } catch (NotOnSheet $error) {
                self::assertStringContainsString("no part \"$name\"", $error->getMessage());
            }
        }
    }

    #[Test]
    public function theStrongestMeansCounts(): void
    {
        self::assertSame(Means::Computed, Means::strongest([Means::Said, Means::Computed, Means::Asked]));
        self::assertSame(Means::Measured, Means::strongest([Means::Asked, Means::Measured]));
        self::assertSame([true, true, false, false], array_map(static fn (Means $one): bool => $one->isNumber(), Means::cases()));
    }

    #[Test]
    public function thePageInDocsIsCurrent(): void
    {
        self::assertSame(
            InMarkdown::of(self::all()), file_get_contents(__DIR__.'/../../../docs/coverage.md'),
            'make it again: ./berm coverage > docs/coverage.md',
        );
    }

    /** @return list<Coverage> */
    private static function all(): array
    {
        if ([] === self::$all) {
            $read = static fn (string $path): Coverage => Fields::readText(
                (string) file_get_contents($path),
                static fn (Fields $file): Coverage => Coverage::read($file, static fn (string $id): KitSheet => Demo::kit($id)),
            );
            self::$all = array_map($read, array_values(array_filter((array) glob(self::FOLDER.'/*.json'), is_string(...))));
        }

        return self::$all;
    }
}
