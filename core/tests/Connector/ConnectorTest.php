<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Connector;

use Berm\Core\Build\BuildState;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\ConnectorInWords;
use Berm\Core\File\BadDocument;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Job\Plan;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;
use Berm\Core\Tests\Example;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class ConnectorTest extends TestCase
{
    #[Test]
    public function whatTheMakersSheetSaysComesBackAndIsSaid(): void
    {
        $bolts = [
            'class' => 'A',
            'centreStop' => 'solid',
            'oilBlocked' => true,
            'bolts' => ['count' => 4, 'order' => [2, 3, 1, 4], 'torque' => '38 N·m', 'leavesVoids' => true],
        ];
        $connector = self::connector('shear-bolt', $bolts);
        self::assertEquals($connector, Fields::read(ConnectorFile::write($connector), ConnectorFile::read(...)));
        self::assertSame([
            'IEC 61238-1-3 class A.', 'A solid stop at its centre.', 'Blocked against oil and water in the strands.',
            '4 bolts, in the order 2, 3, 1, 4; they shear at about 38 N·m (28 lbf·ft).',
            'The bolts leave hollows: fill them with the putty that goes with it.',
        ], self::said($connector));
        self::assertSame(
            ['Die hexagonal, Al 95; 4 crimps a side; it grows by 9.6 mm in all.'],
            self::said(self::connector('crimp', ['crimps' => ['die' => 'hexagonal, Al 95', 'perSide' => 4, 'growth' => '1.2 mm']])),
        );
    }

    #[Test]
    public function aLugsPadComesBackAndIsSaid(): void
    {
        $lug = self::connector('crimp', ['kind' => 'lug', 'pad' => ['width' => '3 in', 'holes' => 4, 'hole' => '14 mm']]);
        self::assertEquals($lug, Fields::read(ConnectorFile::write($lug), ConnectorFile::read(...)));
        self::assertSame(
            ['Pad 76.2 mm wide, 4 holes of 14 mm.'], array_map((new Reader(LengthUnit::Millimetre))->say(...), ConnectorInWords::of($lug)),
        );
    }

    /** The growth of all crimps can be used by a kit's rules. */
    #[Test]
    public function aStripRuleMayReckonWithWhatTheConnectorGrows(): void
    {
        $job = Example::with(Example::joint(), 'connector.crimps', ['die' => 'test', 'perSide' => 4, 'growth' => '1.5 mm']);
        $job = Example::with($job, 'kit.sheet.cuts.3.cases.0.distance', '(connector_length + connector_growth) / 2');
        $mark = Plan::of(Example::read($job)->job, BuildState::fold([]))->markOut?->all()[3] ?? null;
        self::assertSame('58 mm', $mark?->at->toText(), 'half of 104 and 2 × 4 × 1.5');
    }

    #[Test]
    public function paperToPolymericNeedsASolidStopAndASectorNeedsASectorConnector(): void
    {
        $job = Example::with(Example::joint(), 'ends.B.cable', [
            'id' => 'old', 'revision' => 1, 'designation' => 'Old paper', 'ratedVoltage' => '6.35/11 (12) kV', 'cores' => 3,
            'conductor' => ['material' => 'aluminium', 'shape' => 'sector', 'size' => '95 mm²'],
            'insulation' => 'paper', 'metallicScreen' => 'lead-sheath', 'oversheath' => 'serving',
        ]);
        $job = Example::with($job, 'ends.B.readings', []);
        self::assertSame(
            [
                'The conductor is sector; this is not made for that.',
                'Paper to polymeric needs a solid stop, so that no oil passes; this has none.',
            ],
            self::against($job),
        );
        $made = Example::with(Example::with($job, 'connector.centreStop', 'solid'), 'connector.shapes', ['sector', 'compacted']);
        self::assertSame([], self::against($made));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function impossible(): iterable
    {
        yield 'bolts on a crimp' => ['crimp', ['bolts' => ['count' => 2]], 'give "crimps" for a crimp and "bolts" for shear bolts'];
        yield 'an order that leaves one out' => [
            'shear-bolt', ['bolts' => ['count' => 4, 'order' => [1, 2, 3]]], 'number them from 1 to 4',
        ];
        yield 'a bolt that is not there' => [
            'shear-bolt', ['bolts' => ['count' => 2, 'order' => [1, 99]]], 'must be a whole number from 1 to 20',
        ];
        yield 'a torque in kilograms' => [
            'shear-bolt', ['bolts' => ['count' => 2, 'torque' => '4 kgm']], 'write 45 N·m, 33 lbf·ft or 400 in-lb',
        ];
        yield 'a bore as wide as the barrel' => ['crimp', ['bore' => '19 mm'], 'the bore must be the smaller'];
        yield 'two bores that meet' => [
            'crimp', ['boreDepth' => '52.1 mm'], 'has bores 52.1 mm deep from its ends, but is only 104 mm long',
        ];
        yield 'no material' => ['crimp', ['materials' => []], 'list copper, aluminium or both'];
        yield 'a pad on a joint connector' => [
            'crimp', ['pad' => ['width' => '30 mm', 'holes' => 1, 'hole' => '13 mm']], 'leave "pad" out',
        ];
        yield 'a pad without holes' => [
            'crimp', ['pad' => ['width' => '30 mm', 'holes' => 0, 'hole' => '13 mm']], 'must be a whole number from 1 to 8',
        ];
        yield 'growth in the wrong unit' => ['crimp', ['crimps' => ['die' => 'x', 'perSide' => 3, 'growth' => '1.2 in']], 'check the unit'];
    }

    /** @param array<string, mixed> $more */
    #[Test]
    #[DataProvider('impossible')]
    public function aSheetThatCannotBeIsRefusedWithTheMend(string $fixing, array $more, string $mend): void
    {
        $this->expectException(BadDocument::class);
        $this->expectExceptionMessage($mend);
        self::connector($fixing, $more);
    }

    /** @param array<string, mixed> $more */
    private static function connector(string $fixing, array $more): Connector
    {
        return Fields::read([...Example::connector($fixing), ...$more], ConnectorFile::read(...));
    }

    /** @return list<string> */
    private static function said(Connector $connector): array
    {
        return array_map((new Reader(LengthUnit::Millimetre))->say(...), ConnectorInWords::of($connector));
    }

    /**
     * @param array<string, mixed> $job
     *
     * @return list<string>
     */
    private static function against(array $job): array
    {
        $findings = Plan::of(Example::read($job)->job, BuildState::fold([]))->connectorFit->findings ?? [];
        $asked = array_filter(
            $findings,
            static fn (Finding $finding): bool => \in_array(
                $finding->criterion, [Criterion::ConnectorShape, Criterion::ConnectorStop], true,
            ) && !$finding->outcome->lets(),
        );

        return array_values(array_map(static fn (Finding $finding): string => $finding->reason->template, $asked));
    }
}
