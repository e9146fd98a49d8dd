<?php

declare(strict_types=1);

namespace Berm\Core\Prove;

use Berm\Core\Cable\Armour;
use Berm\Core\Cable\AsFound;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\End;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\Connector\CentreStop;
use Berm\Core\Connector\Connector;
use Berm\Core\Job\Job;
use Berm\Core\Kit\Asked;
use Berm\Core\Kit\AskedKind;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Quantity\Instrument;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Site\Mounting;
use Berm\Core\Site\Place;
use Berm\Core\Site\Site;
use Berm\Core\Site\Weather;

/**
 * The corners of what a sheet takes: every size, with cables and connectors at their ends, in each branch that a formula reads.
 *
 * Factors that no formula reads together are not multiplied: cables with one layer alone thin or thick meet one connector only, and the
 * first of what can be said; two ends with unlike screens meet one connector.
 *
 * @internal use Prover
 */
final readonly class Corners
{
    /** @var list<string> */
    private array $names;

    public function __construct(private KitSheet $sheet)
    {
        $this->names = $sheet->names();
    }

    /** @return \Generator<Corner> */
    public function ofSize(KitSize $size): \Generator
    {
        foreach ($this->branches() as [$screen, $armour, $site, $said, $words]) {
            yield from $this->ofBranch($size, $screen, $armour, $site, $said, $words);
            yield from $this->once($size, $screen, $armour, $site, $said, $words);
        }
    }

    /**
     * @param array<string, string|Length> $said
     *
     * @return \Generator<Corner>
     */
    private function ofBranch(KitSize $size, MetallicScreen $screen, Armour $armour, Site $site, array $said, string $words): \Generator
    {
        $connectors = Connectors::of($size, $this->sheet->application->function->connectorKind(), $this->stop());
        $first = true;
        $isUsual = $said === (array_values($this->said())[0] ?? []);
        foreach ($this->pairs($size, $screen, $armour) as $name => [$cables, $isExtreme]) {
            if (!$isExtreme && !$isUsual) {
                continue;
            }
            $taking = array_filter($connectors, static fn (Connector $one): bool => self::takes($one, $cables));
            foreach ($isExtreme || $first ? $taking : \array_slice($taking, 0, 1) as $which => $connector) {
                yield $this->corner($size, $cables, $connector, $site, $said, trim("$name; $which connector", '; '), $words);
            }
            $first = false;
        }
    }

    /**
     * What comes once, with the first connector that takes it: this screen at end A beside the next that the sheet takes; the further
     * screens of another kind of cable at end B; paper cores that are belted.
     *
     * @param array<string, string|Length> $said
     *
     * @return \Generator<Corner>
     */
    private function once(KitSize $size, MetallicScreen $screen, Armour $armour, Site $site, array $said, string $words): \Generator
    {
        $connectors = Connectors::of($size, $this->sheet->application->function->connectorKind(), $this->stop());
        foreach ($this->unlike($size, $screen, $armour) as $name => $cables) {
            foreach ($connectors as $which => $connector) {
                if (self::takes($connector, $cables)) {
                    yield $this->corner($size, $cables, $connector, $site, $said, "$name; $which connector", $words);
                    break;
                }
            }
        }
    }

    /** @return array<string, list<Construction>> */
    private function unlike(KitSize $size, MetallicScreen $screen, Armour $armour): array
    {
        $first = fn (End $end, MetallicScreen $kind, bool $isBelted = false): ?Construction => array_values(Cables::of(
            $this->sheet->takes($end), $size->takes($end), $this->sheet->voltageOf($size), $kind,
            End::B === $end && isset($this->sheet->takes[End::B->value]) ? $this->sheet->takes(End::B)->armours[0] : $armour, $isBelted,
        ))[0] ?? null;
        $isJoint = isset($this->sheet->application->function->ends()[1]);
        $pairs = [];
        if ($isJoint && isset($this->sheet->takes[End::B->value])) {
            foreach (\array_slice($this->sheet->takes(End::B)->screens, 1) as $other) {
                $pairs["beside {$other->label()}"] = [$first(End::A, $screen), $first(End::B, $other)];
            }
            if (!$this->sheet->takes(End::A)->hasExtruded()) {
                $pairs['belted'] = [$first(End::A, $screen, true), $first(End::B, $this->sheet->takes(End::B)->screens[0])];
            }
        } elseif ($isJoint && $this->reads('metallic_screen') && \count($this->sheet->takes(End::A)->screens) > 1) {
            $screens = $this->sheet->takes(End::A)->screens;
            $next = $screens[((int) array_search($screen, $screens, true) + 1) % \count($screens)];
            $pairs["beside {$next->label()}"] = [$first(End::A, $screen), $first(End::A, $next)];
        }
        $whole = [];
        foreach ($pairs as $name => [$a, $b]) {
            $whole = null === $a || null === $b ? $whole : [...$whole, $name => [$a, $b]];
        }

        return $whole;
    }

    /**
     * No connector is so thin that its conductors do not enter it.
     *
     * @param list<Construction> $cables
     */
    private static function takes(Connector $connector, array $cables): bool
    {
        $entering = static fn (Construction $cable): bool => null === $cable->diameterOver(LayerKind::Conductor)
            || $cable->diameterOver(LayerKind::Conductor)->isAtMost($connector->barrels->first->bore);

        return [] === array_filter($cables, static fn (Construction $cable): bool => !$entering($cable));
    }

    /**
     * @param list<Construction>           $cables
     * @param array<string, string|Length> $said
     */
    private function corner(
        KitSize $size, array $cables, Connector $connector, Site $site, array $said, string $words, string $branch,
    ): Corner {
        $ends = [];
        foreach ($this->sheet->application->function->ends() as $i => $end) {
            $ends[$end->value] = new CableEnd(
                $end, $cables[$i] ?? $cables[0], self::measured($cables[$i] ?? $cables[0]), Length::ofMillimetres(4000),
            );
        }
        $job = new Job(
            $this->sheet->name.', '.$size->label, $this->sheet->application->function, LengthUnit::Millimetre, $ends, $this->sheet, $size,
            $connector,
            $site, $said,
        );

        return new Corner($size->label, $words, $branch, $job);
    }

    /** Every layer that can be measured, with the finest instrument that goes round it. */
    private static function measured(Construction $cable): AsFound
    {
        $readings = [];
        foreach ($cable->design->measurableLayers() as $layer) {
            $diameter = $cable->diameterOver($layer);
            $readings[$layer->value] = null === $diameter ? [] : [Reading::typed(
                LengthFormat::exactMillimetres($diameter), LengthUnit::Millimetre, Instrument::Caliper,
            )];
        }

        return AsFound::of($readings);
    }

    /**
     * What lies on both ends of a joint: twice the same, and the thinnest beside the thickest.
     *
     * @return array<string, array{list<Construction>, bool}> with whether it is at the ends of the range
     */
    private function pairs(KitSize $size, MetallicScreen $screen, Armour $armour): array
    {
        $voltage = $this->sheet->voltageOf($size);
        $a = Cables::of($this->sheet->takes(End::A), $size->takes(End::A), $voltage, $screen, $armour);
        $pairs = [];
        $isOther = isset($this->sheet->takes[End::B->value]);
        $takesB = $this->sheet->takes(End::B);
        $b = $isOther ? Cables::of($takesB, $size->takes(End::B), $voltage, $takesB->screens[0], $takesB->armours[0]) : $a;
        if (!isset($this->sheet->application->function->ends()[1])) {
            foreach ($a as $name => $cable) {
                $pairs[$name] = [[$cable], !str_contains($name, 'alone')];
            }

            return $pairs;
        }
        [$namesB, $i] = [array_keys($b), 0];
        foreach ($a as $name => $cable) {
            $other = $isOther ? $namesB[$i++ % max(1, \count($namesB))] ?? '' : $name;
            $pairs[$isOther ? "$name beside $other" : $name] = isset($b[$other]) ? [
                [$cable, $b[$other]], !str_contains($name, 'alone'),
            ] : null;
        }
        [$first, $last] = [array_key_first($a), array_key_last($a)];
        if (!$isOther && null !== $first && null !== $last && $first !== $last) {
            $pairs["$first beside $last"] = [[$a[$first], $a[$last]], true];
            $pairs["$last beside $first"] = [[$a[$last], $a[$first]], true];
        }

        return array_filter($pairs, static fn (?array $pair): bool => null !== $pair);
    }

    /**
     * Every way that a formula reads: screens, armours, where it will be, and what the sheet asks of a job.
     *
     * @return list<array{MetallicScreen, Armour, Site, array<string, string|Length>, string}>
     */
    private function branches(): array
    {
        $takes = $this->sheet->takes(End::A);
        $application = $this->sheet->application;
        $places = $this->reads('place') && [] !== $application->places ? $application->places : [$application->places[0] ?? null];
        $mountings = $this->reads('mounting') && [] !== $application->mountings
            ? $application->mountings
            : [$application->mountings[0] ?? null];
        $branches = [];
        foreach ($takes->screens as $screen) {
            foreach ($this->reads('armour') ? $takes->armours : [$takes->armours[\count($takes->armours) - 1]] as $armour) {
                foreach ($places as $place) {
                    foreach ($mountings as $mounting) {
                        foreach ($this->said() as $words => $said) {
                            $branches[] = [
                                $screen, $armour, Site::of(Weather::unknown(), $place, $mounting), $said,
                                self::words($screen, $armour, $place, $mounting, $words),
                            ];
                        }
                    }
                }
            }
        }

        return $branches;
    }

    private function reads(string $name): bool
    {
        return \in_array($name, $this->names, true);
    }

    private static function words(MetallicScreen $screen, Armour $armour, ?Place $place, ?Mounting $mounting, string $said): string
    {
        return implode(', ', array_filter(
            [$screen->label(), Armour::None === $armour ? '' : $armour->label(), $place->value ?? '', $mounting->value ?? '', $said],
            static fn (string $word): bool => '' !== $word,
        ));
    }

    /** @return array<string, array<string, string|Length>> every way to answer what the sheet asks */
    private function said(): array
    {
        $all = ['' => []];
        foreach ($this->sheet->asked as $asked) {
            $next = [];
            foreach ($all as $words => $said) {
                foreach (self::answers($asked) as $answer) {
                    $word = $answer instanceof Length ? $answer->toText() : $answer;
                    $next[trim("$words, $asked->key $word", ', ')] = [...$said, $asked->key => $answer];
                }
            }
            $all = $next;
        }

        return $all;
    }

    /** @return list<string|Length> */
    private static function answers(Asked $asked): array
    {
        return AskedKind::Length === $asked->kind
            ? array_values(
                array_filter([$asked->window?->min, $asked->window?->max], static fn (?Length $length): bool => null !== $length),
            )
            : $asked->values;
    }

    /** A paper cable's oil is kept in by a solid stop. */
    private function stop(): CentreStop
    {
        return $this->sheet->takes(End::A)->hasExtruded() ? CentreStop::Partial : CentreStop::Solid;
    }
}
