<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Kit;

use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\Problem;
use Berm\Core\Tests\Demo;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What is refused when a leaflet is read in, with its place and its mend. The sheets are made for the test. */
final class KitSheetTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, string, string}> */
    public static function faults(): iterable
    {
        $check = static fn (string $kind, string $min, string $max = '', string $after = ''): array => self::stages(checks: [[
            'key' => 'c',
            'ask' => 'Look',
            'reason' => 'So.',
            'kind' => $kind,
            'min' => $min,
            ...('' === $max ? [] : ['max' => $max]),
            ...('' === $after ? [] : ['after' => $after]),
        ]]);
        yield 'a tube that grows' => ['sizes.0.parts.stress-tube.recoveredBore', '39 mm', 'sizes[0].parts.stress-tube', 'must shrink'];
        yield 'a row without its pitch' => ['sizes.0.parts.stress-tube.count', 3, 'sizes[0].parts.stress-tube', 'give "pitch"'];
        yield 'a range upside down' => ['sizes.0.insulation', ['min' => '24 mm', 'max' => '17 mm'], 'sizes[0].insulation', '24 mm'];
        yield 'a cut worked out from itself' => [
            'cuts.3.cases.0.distance', 'cut_oversheath - 100 mm', '', 'from itself, by way of the others',
        ];
        yield 'a length added to an area' => [
            'cuts.0.cases.0.distance', 'tape_left + 95 mm²', 'cuts[0].cases[0].distance', 'between a length and an area',
        ];
        yield 'an unknown name' => ['parts.0.from', 'middle', 'parts[0].from', 'not one that formulas know'];
        yield 'a cut that armour needs' => ['armours', ['steel-wire'], '', 'has no rule for the cut "armour"'];
        yield 'a part on an end that is not there' => ['function', 'termination', '', 'only a joint has one'];
        yield 'a rule about nothing that is there' => [
            'parts.0.coverage',
            [['rule' => 'butts', 'of' => 'connector', 'reason' => 'So.']],
            'parts[0].coverage[0].max',
            'within how much',
        ];
        yield 'a window upside down' => ['stages', $check('length', '8 mm', '3 mm'), 'stages[0].checks[0]', 'from 8 mm down to 3 mm'];
        yield 'a torque upside down' => [
            'stages', $check('torque', '81 N·m', '50 lbf·ft'), 'stages[0].checks[0]', 'give the smaller limit first',
        ];
        yield 'a time that is none' => [
            'stages', $check('wait', 'a while', after: 'all'), 'stages[0].checks[0].min', 'write "30 s", "5 min" or "2 h"',
        ];
        yield 'a wait for what comes later' => [
            'stages', $check('wait', '5 min', after: 'later'), '', 'waits for the stage "later", which does not come before it',
        ];
        yield 'a part parked that nothing uses' => [
            'stages', self::stages(installs: ['outer-sleeve']), '', 'parks "stress-tube", but no stage installs it',
        ];
        yield 'a part parked too late' => [
            'stages', self::stages(parks: ['stress-tube']), '', '"outer-sleeve" is parked in no stage up to the connector',
        ];
        yield 'a stage with an unknown part' => [
            'stages',
            self::stages(installs: ['stress-tube', 'outer-sleeve', 'sock']),
            '',
            'names the item "sock", which the sheet does not have',
        ];
        yield 'a cut that no stage makes' => ['stages', self::stages(cuts: ['oversheath']), '', 'the cut "metallic-screen" exactly once'];
        yield 'weather the wrong way round' => [
            'shelf', ['coldestInstallation' => '40 °C', 'warmestInstallation' => '0 °C'], 'shelf', 'exchange them',
        ];
    }

    /** @return iterable<string, array{string, string, array<string, int>}> sheet, size, and how often some of its things lie in the box */
    public static function boxes(): iterable
    {
        yield 'one of each' => ['quillon-straight-12', '2', ['stress-tube' => 1, 'outer-sleeve' => 1]];
        yield 'on each core of each end, on each core, and once' => [
            'quillon-wire-joint-12', '95', ['stress' => 6, 'dual' => 3, 'outer-1' => 1],
        ];
        yield 'two sheds on each core' => ['quillon-end-3c-12', '1', ['breakout' => 1, 'stress' => 3, 'shed' => 6, 'seal' => 3]];
    }

    /** @return iterable<string, array{string}> */
    public static function noPlaces(): iterable
    {
        yield 'a slip of the pen' => ['insulation-scren'];
        yield 'nothing that is there' => ['nonsense'];
        yield 'a part of another kit' => ['umbrella'];
    }

    /** A rule about a place that is none would never be held against anything. */
    #[Test]
    #[DataProvider('noPlaces')]
    public function aRuleAboutNoSuchPlaceIsRefusedAtTheDoor(string $place): void
    {
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage($place);
        Example::read(Example::with(Example::joint(), 'kit.sheet.parts.0.laps', [$place => '25 mm']));
    }

    /** @param array<string, int> $holds */
    #[Test]
    #[DataProvider('boxes')]
    public function aBoxHoldsAPartForEachCoreAndEndThatItGoesOn(string $sheet, string $size, array $holds): void
    {
        $found = [];
        foreach (Demo::kit($sheet)->inBox($size) as $item) {
            $found[$item->key] = $item->count;
        }
        self::assertSame($holds, array_intersect_key($found, $holds));
    }

    #[Test]
    #[DataProvider('faults')]
    public function aFaultIsRefusedWithItsPlaceAndItsMend(string $path, mixed $value, string $place, string $mend): void
    {
        try {
            self::read(self::changed(self::sheet(), explode('.', $path), $value));
        } catch (BadDocument $bad) {
            $there = array_filter($bad->problems, static fn (Problem $problem): bool => $problem->path === $place);
            self::assertStringContainsString(
                $mend, implode(' ', array_map(static fn (Problem $problem): string => $problem->message, $there)), $bad->getMessage(),
            );

            return;
        }
        self::fail('it was taken');
    }

    /** @return iterable<string, array{array<string, mixed>, list<string|null>}> a rule of a part, and its window */
    public static function windows(): iterable
    {
        $rule = static fn (string $rule, ?string $min = null, ?string $max = null): array => array_filter(
            ['rule' => $rule, 'of' => 'connector', 'reason' => 'So.', 'min' => $min, 'max' => $max],
            static fn (?string $value): bool => null !== $value,
        );
        yield 'butts: from nothing to that' => [$rule('butts', max: '2 mm'), [null, '2 mm']];
        yield 'centred: the same' => [$rule('centred-on', max: '3 mm'), [null, '3 mm']];
        yield 'a gap of at most that' => [$rule('gap', max: '5 mm'), [null, '5 mm']];
        yield 'a gap of at least that' => [$rule('gap', min: '1 mm'), ['1 mm', null]];
        yield 'between the two' => [$rule('gap', min: '1 mm', max: '5 mm'), ['1 mm', '5 mm']];
        yield 'without a limit: none of it may be bare' => [$rule('covers'), [null, null]];
    }

    /**
     * @param array<string, mixed> $rule
     * @param list<string|null>    $window
     */
    #[Test]
    #[DataProvider('windows')]
    public function aRuleHasTheWindowThatItsKindAndLimitsGive(array $rule, array $window): void
    {
        $sheet = self::read(self::changed(self::sheet(), ['parts', '0', 'coverage'], [$rule]));
        $rules = array_values($sheet->items)[0]->rules;
        $read = end($rules);
        self::assertNotFalse($read);
        self::assertSame($window, [$read->min?->text, $read->max?->text]);
    }

    #[Test]
    public function everyCutThatACableNeedsHasItsRule(): void
    {
        foreach (['oversheath', 'metallic-screen', 'insulation-screen', 'insulation'] as $cut) {
            $sheet = self::sheet();
            $cuts = \is_array($sheet['cuts']) ? $sheet['cuts'] : [];
            $sheet['cuts'] = array_values(array_filter($cuts, static fn (mixed $one): bool => \is_array($one) && $cut !== $one['cut']));
            try {
                self::read($sheet);
                self::fail($cut);
            } catch (BadDocument $error) {
                $said = implode(' ', array_map(static fn (Problem $problem): string => $problem->message, $error->problems));
                self::assertMatchesRegularExpression("/has no rule for the cut \"$cut\"|cut_/", $said);
            }
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'a bell' => ["Joint\x07", 'must be plain text of at most 120 characters.'];
        yield 'a deleted sign' => ["Joint\x7F", 'must be plain text of at most 120 characters.'];
        yield 'nothing but space' => ['   ', 'is empty: fill it in.'];
    }

    #[Test]
    #[DataProvider('texts')]
    public function aNameIsATextThatCanBePrinted(string $name, string $message): void
    {
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage("name $message");
        Fields::read([...self::sheet(), 'name' => $name], KitSheetFile::read(...));
    }

    #[Test]
    public function revisionsAreNumberedFromOneToAHundredThousand(): void
    {
        $isRead = static function (int $revision): bool {
            try {
                return $revision === Fields::read([...self::sheet(), 'revision' => $revision], KitSheetFile::read(...))->revision->number;
            } catch (BadDocument) {
                return false;
            }
        };
        self::assertSame([false, true, true, false], array_map($isRead, [0, 1, 100_000, 100_001]));
    }

    #[Test]
    public function aTabAndANewLineAreText(): void
    {
        self::assertSame("A\tB\nC", Fields::read([...self::sheet(), 'name' => "A\tB\nC"], KitSheetFile::read(...))->name);
    }

    #[Test]
    public function sizesThatTakeTheSameCablesAreRefusedUnlessTheLeafletHasThemSo(): void
    {
        $sheet = self::sheet();
        $size = \is_array($sheet['sizes'] ?? null) ? $sheet['sizes'][0] : [];
        \assert(\is_array($size));
        $sheet['sizes'] = [$size, [...$size, 'label' => 'L', 'insulation' => ['min' => '23 mm', 'max' => '30 mm']]];
        self::assertCount(2, self::read([...$sheet, 'overlappingSizes' => true])->sizes);
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage('sizes "M" and "L" would both take some cables');
        self::read($sheet);
    }

    #[Test]
    public function sizesThatOnlyTouchDoNotOverlap(): void
    {
        $sheet = self::sheet();
        $size = \is_array($sheet['sizes'] ?? null) ? $sheet['sizes'][0] : [];
        \assert(\is_array($size));
        $sheet['sizes'] = [$size, [...$size, 'label' => 'L', 'insulation' => ['min' => '24 mm', 'max' => '30 mm']]];
        self::assertSame(['M', 'L'], array_keys(self::read($sheet)->sizes));
    }

    #[Test]
    public function everyFaultOfASheetIsToldAtOnce(): void
    {
        $sheet = self::changed(
            self::changed(self::sheet(), ['cuts', '0', 'cases', '0', 'distance'], '5 mm + 1'), ['parts', '1', 'kind'], 'hat',
        );
        try {
            self::read($sheet);
            self::fail('it was taken');
        } catch (BadDocument $bad) {
            self::assertSame(
                ['parts[1].kind', 'cuts[0].cases[0].distance'],
                array_map(static fn (Problem $problem): string => $problem->path, $bad->problems),
            );
        }
    }

    #[Test]
    public function whatIsWrittenReadsTheSame(): void
    {
        $files = glob(__DIR__.'/../../../demo/kits/*.json');
        self::assertNotEmpty($files);
        foreach (\is_array($files) ? $files : [] as $file) {
            $sheet = Fields::readText((string) file_get_contents($file), KitSheetFile::read(...));
            $written = json_encode(KitSheetFile::write($sheet), \JSON_THROW_ON_ERROR);
            self::assertEquals($sheet, Fields::readText($written, KitSheetFile::read(...)), $file);
        }
    }

    /**
     * @param list<string>               $parks
     * @param list<string>               $cuts
     * @param list<string>               $installs
     * @param list<array<string, mixed>> $checks
     *
     * @return list<array<string, mixed>>
     */
    private static function stages(
        array $parks = ['stress-tube', 'outer-sleeve'],
        array $cuts = ['oversheath', 'metallic-screen', 'insulation-screen', 'insulation'],
        array $installs = ['stress-tube', 'outer-sleeve'],
        array $checks = [],
    ): array {
        return [
            [
                'key' => 'all',
                'title' => 'All',
                'parks' => $parks,
                'cuts' => $cuts,
                'fitsConnector' => true,
                'installs' => $installs,
                'checks' => $checks,
            ],
            ['key' => 'later', 'title' => 'Later'],
        ];
    }

    /** @return array<string, mixed> */
    private static function sheet(): array
    {
        $kit = Example::joint()['kit'];
        $sheet = \is_array($kit) ? $kit['sheet'] : [];
        $named = [];
        foreach (\is_array($sheet) ? $sheet : [] as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }

    /**
     * @param array<mixed> $json
     * @param list<string> $path
     *
     * @return array<mixed>
     */
    private static function changed(array $json, array $path, mixed $value): array
    {
        $key = array_shift($path);
        $inner = $json[$key ?? ''] ?? [];
        $json[$key ?? ''] = [] === $path ? $value : self::changed(\is_array($inner) ? $inner : [], $path, $value);

        return $json;
    }

    /** @param array<mixed> $sheet */
    private static function read(array $sheet): \Berm\Core\Kit\KitSheet
    {
        return Fields::readText(json_encode($sheet, \JSON_THROW_ON_ERROR), KitSheetFile::read(...));
    }
}
