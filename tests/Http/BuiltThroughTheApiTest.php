<?php

declare(strict_types=1);

namespace App\Tests\Http;

use Berm\Core\Build\Event;
use Berm\Core\Build\Event\HandedOver;
use Berm\Core\Build\Event\HoldReleased;
use Berm\Core\Build\Task;
use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Connector\Connector;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\Fit\ConnectorFit;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\KitFit;
use Berm\Core\Job\Job;
use Berm\Core\Kit\Asked;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\MarkOut\Mark;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Site\Site;
use Berm\Core\Site\Weather;
use Berm\Core\Tests\Built;
use Berm\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Uid\Uuid;

/**
 * The sheets of the second edition, each from an empty job to a complete record over HTTP: a cable of the library that the size takes, the
 * connector that the list of kits puts beside it, and every task as the plan asks for it.
 *
 * One size of those with few entries here; every size of all eighteen, and all cuts at either limit, by BERM_BUILDS=all (./berm builds).
 */
final class BuiltThroughTheApiTest extends ApiTestCase
{
    private const SHORT = [
        'quillon-core-17', 'harrow-sock-28', 'harrow-deadbreak-25', 'osterwick-outdoor-3c-12', 'marlpike-drawn-24', 'osterwick-lined-15',
        'marlpike-latched-35',
    ];

    /** @return iterable<string, array{string, string, string}> sheet, size, which cut or check is at its limit */
    public static function builds(): iterable
    {
        $isWhole = 'all' === getenv('BERM_BUILDS');
        foreach ($isWhole ? Demo::second() : self::SHORT as $id) {
            foreach (Demo::kit($id)->sizes as $size) {
                yield "$id $size->label, exact" => [$id, $size->label, 'exact'];
                if (!$isWhole) {
                    break;
                }
                yield "$id $size->label, all shortest" => [$id, $size->label, 'min'];
                yield "$id $size->label, all longest" => [$id, $size->label, 'max'];
            }
        }
    }

    #[Test]
    #[DataProvider('builds')]
    public function itComesToACompleteRecord(string $id, string $label, string $cuts): void
    {
        $this->signIn('engineer');
        $job = $this->planned(Demo::kit($id), $label);
        $off = 'exact' === $cuts ? null : static fn (Mark|Task $one): ?Length => match (true) {
            !$one instanceof Mark => null,
            'min' === $cuts => $one->window()->min,
            default => $one->window()->max,
        };
        $this->signIn('jointer');
        $file = Fields::readText((string) $this->call('GET', "/api/jobs/$job/record.json")->getContent(), JobFile::read(...))->job;
        $built = Built::toTheEnd(
            $file, $off, fn (Event $event, \DateTimeImmutable $doneAt) => $this->take($job, $event, $doneAt),
            date('c', time() - 20 * 86_400),
        );
        $this->take($job, new HandedOver('Somebody else'), new \DateTimeImmutable());
        $answer = $this->call('GET', "/api/jobs/$job");
        self::assertNull($built->plan?->progress?->next());
        self::assertSame([], self::listAt($answer, 'obstacles'));
        self::assertSame(['record', 1 + \count($built->log)], [self::at($answer, 'next.step'), \count(self::listAt($answer, 'log'))]);
        self::assertTrue(self::at($answer, 'completion.complete'));
        self::assertTrue(self::at($this->call('GET', "/api/jobs/$job/chain"), 'unbroken'));
    }

    private function take(string $job, Event $event, \DateTimeImmutable $doneAt): void
    {
        if ($event instanceof HoldReleased) {
            $this->signIn('engineer');
        }
        // Of a thousand answers alike a few are held against the contract, by other tests: the status is what counts here.
        $answer = $this->send('POST', "/api/jobs/$job/log", [
            'id' => Uuid::v7()->toRfc4122(),
            'event' => ['kind' => $event::kind()->value, ...$event->write()],
            'doneAt' => $doneAt->format('c'),
        ]);
        self::assertSame(201, $answer->getStatusCode(), $event::kind()->value.': '.$answer->getContent());
        if ($event instanceof HoldReleased) {
            $this->signIn('jointer');
        }
    }

    /** A job of a cable that the size takes at each end, with this size and the connector that goes with it best. */
    private function planned(KitSheet $sheet, string $label): string
    {
        $id = Uuid::v7()->toRfc4122();
        $function = $sheet->application->function;
        self::assertSame(201, $this->call('POST', '/api/jobs', [
            'id' => $id, 'name' => "$sheet->name, $label", 'function' => $function->value, 'unit' => 'mm',
        ])->getStatusCode());
        $size = $sheet->sizes[$label];
        $ends = [];
        foreach ($function->ends() as $end) {
            $ends[$end->value] = self::end($end, $sheet, $size);
        }
        $draft = [
            'unit' => 'mm', 'ends' => $ends, 'place' => ($sheet->application->places[0] ?? null)?->value,
            'mounting' => ($sheet->application->mountings[0] ?? null)?->value, 'said' => array_filter(
                array_map(static fn (Asked $asked): string => $asked->window?->min?->toText() ?? '', $sheet->asked),
                static fn (string $said): bool => '' !== $said,
            ),
        ];
        $first = $this->plan($id, 1, $draft);
        self::assertSame(200, $first->getStatusCode(), (string) $first->getContent());
        $kit = ['id' => $sheet->revision->id, 'revision' => $sheet->revision->number, 'size' => $label];
        $with = $this->connectorWith($id, $kit);
        $answer = $this->plan($id, 2, [...$draft, 'kit' => $kit, 'connector' => $with]);
        self::assertContains(self::at($answer, 'fit.kit.outcome'), ['fits', 'fits-unproved'], (string) json_encode(
            self::at($answer, 'fit.kit.findings'),
        ));
        $this->call('PUT', "/api/jobs/$id/crew", ['people' => ['jointer', 'engineer']]);

        return $id;
    }

    /**
     * @param array{id: string, revision: int, size: string} $kit
     *
     * @return array{id: string, revision: int} as the list of kits has it beside the size
     */
    private function connectorWith(string $job, array $kit): array
    {
        for ($page = 1; $page < 10; ++$page) {
            $answer = $this->call('GET', "/api/jobs/$job/kits?page=$page");
            foreach (array_keys(self::listAt($answer, 'choices')) as $i) {
                [$id, $label] = [self::at($answer, "choices.$i.kit.id"), self::at($answer, "choices.$i.kit.size")];
                $with = self::at($answer, "choices.$i.with.connector.id");
                if ($kit['id'] === $id && $kit['size'] === $label) {
                    self::assertIsString($with, 'no connector goes with it');

                    return ['id' => $with, 'revision' => Demo::connector($with)->revision->number];
                }
            }
        }
        self::fail('it is not in the list');
    }

    /** @return array<string, mixed> as a draft has it */
    private static function end(End $end, KitSheet $sheet, KitSize $size): array
    {
        $function = $sheet->application->function;
        $site = Site::of(Weather::unknown(), $sheet->application->places[0] ?? null, $sheet->application->mountings[0] ?? null);
        /** @var list<Construction>|null $library */
        static $library = null;
        /** @var list<Connector>|null $connectors */
        static $connectors = null;
        $library ??= array_values([...Library::shipped()]);
        $connectors ??= Demo::connectors();
        foreach ($library as $cable) {
            $readings = self::readings($cable);
            $found = new CableEnd($end, $cable, AsFound::of($readings), Length::ofMillimetres(5000));
            $takes = self::lets(KitFit::judge($function, [$found], $site, $sheet, $size), $end);
            $goes = array_filter($takes ? $connectors : [], static fn (Connector $one): bool => self::lets(
                ConnectorFit::judge($function, [$found], $one, $sheet, $size), $end,
            ));
            if ([] !== $goes) {
                return [
                    'cable' => ['id' => $cable->revision->id, 'revision' => $cable->revision->number],
                    'readings' => array_map(static fn (array $of): array => array_map(
                        static fn (Reading $one): array => ['typed' => $one->typed, 'unit' => 'mm', 'instrument' => 'caliper'], $of,
                    ), $readings),
                    'freeLength' => ['typed' => '5000', 'unit' => 'mm', 'instrument' => 'tape'],
                ];
            }
        }
        self::fail("no cable of the library is taken by size $size->label");
    }

    /** Nothing is against it at this end. */
    private static function lets(FitReport $report, End $end): bool
    {
        return [] === array_filter(
            $report->findings,
            static fn (Finding $one): bool => (null === $one->end || $end === $one->end) && $one->stops && !$one->outcome->lets(),
        );
    }

    /** @return array<string, list<Reading>> of every layer, at its nominal diameter */
    private static function readings(Construction $cable): array
    {
        $readings = [];
        foreach ($cable->design->measurableLayers() as $layer) {
            $diameter = LayerKind::ConductorScreen === $layer ? null : $cable->diameterOver($layer);
            if (null !== $diameter) {
                $readings[$layer->value] = [Reading::typed(
                    LengthFormat::exactMillimetres($diameter), LengthUnit::Millimetre, Instrument::Caliper,
                )];
            }
        }

        return $readings;
    }
}
