<?php

declare(strict_types=1);

namespace Berm\Core\Record;

use Berm\Core\Build\Done;
use Berm\Core\Build\Names;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\FoundInWords;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Sentence;

/**
 * What a record says apart from its cuts and its log: with what it was built, and what was found. The page and the paper print the same.
 */
final readonly class Facts
{
    private Names $names;

    private function __construct(private Plan $plan)
    {
        $this->names = new Names($plan->job);
    }

    /** @return list<Fact> */
    public static function of(Plan $plan): array
    {
        $facts = new self($plan);
        $job = $plan->job;

        return [
            self::fact('Permit', $facts->permit()),
            ...$facts->outage(),
            ...array_map(static fn (CableEnd $cable): Fact => self::fact(
                isset($plan->job->function->ends()[1]) ? "Cable, end {$cable->end->value}" : 'Cable', self::cable($cable),
            ), array_values($job->cables)),
            self::fact('Kit', $facts->kit()),
            self::fact('Box', $facts->box()),
            self::fact(ucfirst($facts->names->connector()), $facts->connector()),
            ...$facts->air(),
            self::fact(
                'Tools',
                self::listed(
                    array_map(static fn (Done $done): string => $done->event->tool->inWords(), $plan->build->tools()), 'none named',
                ),
            ),
            self::fact('Parked', self::listed(array_map(
                static fn (Done $done): string => "{$facts->names->item($done->event->part)} on end {$done->event->end->value}",
                $plan->build->allParked(),
            ), 'nothing recorded')),
            self::fact('Handed over', $facts->handedOver()),
        ];
    }

    private static function fact(string $label, Sentence $value): Fact
    {
        return new Fact(Sentence::plain($label), $value);
    }

    /** @param list<string> $all */
    private static function listed(array $all, string $none): Sentence
    {
        return [] === $all ? Sentence::plain($none) : Sentence::of('{all}', ['all' => implode('; ', $all)]);
    }

    private function handedOver(): Sentence
    {
        $handed = $this->plan->build->handedOver();

        return null === $handed ? Sentence::plain('not yet') : Sentence::of('{by}, signed for by {name}, {at}', [
            'by' => $handed->entry->by, 'name' => $handed->event->signedBy, 'at' => $handed->entry->doneAt()->format('j M Y, H:i P'),
        ]);
    }

    private function permit(): Sentence
    {
        $safety = $this->plan->build->safety;

        if (null === $safety) {
            return Sentence::plain('not confirmed');
        }
        $end = null === $safety->endsAt ? [] : ['end' => $safety->endsAt->format('j M Y, H:i P')];

        return Sentence::of('{permit}'.([] === $end ? '' : ' until {end}').'; {by}, {at}', [
            'permit' => $safety->permit, 'by' => $safety->confirmedBy, 'at' => $safety->confirmedAt->format('j M Y, H:i P'), ...$end,
        ]);
    }

    /** @return list<Fact> */
    private function outage(): array
    {
        $ends = $this->plan->job->site->outageEndsAt;

        return null === $ends ? [] : [self::fact('Outage', Sentence::of('until {end}', ['end' => $ends->format('j M Y, H:i P')]))];
    }

    private static function cable(CableEnd $cable): Sentence
    {
        [$measured, $values] = self::measured($cable);
        $free = null === $cable->freeLength ? '' : '; free length {free}';
        $found = FoundInWords::of($cable);
        foreach ($found as $i => $sentence) {
            $values["found$i"] = $sentence;
        }
        $said = implode('', array_map(static fn (int $i): string => " {found$i}", array_keys($found)));

        return Sentence::of("{cable}. Measured: $measured$free.$said", [
            'cable' => $cable->construction->designation, ...$values,
            ...(null === $cable->freeLength ? [] : ['free' => $cable->freeLength]),
        ]);
    }

    /** @return array{string, array<string, \Berm\Core\Quantity\Length|Sentence>} */
    private static function measured(CableEnd $cable): array
    {
        $parts = $values = [];
        foreach (array_keys($cable->asFound->readings) as $i => $layer) {
            $kind = LayerKind::from($layer);
            $diameter = $cable->asFound->diameterOver($kind);
            if (null !== $diameter) {
                $parts[] = "[{$kind->label()}] {mean$i:fine} ± {by$i:fine}";
                $values["mean$i"] = $diameter->mean;
                $values["by$i"] = $diameter->uncertainty;
            }
        }

        return [[] === $parts ? 'nothing' : implode(', ', $parts), $values];
    }

    private function kit(): Sentence
    {
        [$sheet, $size] = [$this->plan->job->sheet, $this->plan->job->size];

        return null === $sheet || null === $size
            ? Sentence::plain('not chosen')
            : Sentence::of('{name}, size {size}, {maker}, sheet {id} revision {revision}', [
                'name' => $sheet->name, 'size' => $size->label, 'maker' => $sheet->maker, 'id' => $sheet->revision->id,
                'revision' => $sheet->revision->number,
            ]);
    }

    private function box(): Sentence
    {
        $box = $this->plan->build->box();
        $dated = $this->plan->build->kitDate();

        return match (true) {
            null !== $box => Sentence::of('{box}', ['box' => $box->event->inWords($this->names)]),
            null !== $dated => Sentence::of('none opened in Berm. {dated}', ['dated' => $dated->event->words($this->names)]),
            default => Sentence::plain('none opened in Berm, and nobody has said until when the kit keeps'),
        };
    }

    private function connector(): Sentence
    {
        $connector = $this->plan->job->connector;
        $batch = $this->plan->build->connector->batch ?? '';

        return null === $connector ? Sentence::plain('not chosen') : Sentence::of(
            '' === $batch ? '{name}, {maker}' : '{name}, {maker}, batch {batch}', [
                'name' => $connector->name, 'maker' => $connector->maker, 'batch' => $batch,
            ],
        );
    }

    /** @return list<Fact> */
    private function air(): array
    {
        $weather = $this->plan->job->site->weather;

        return null === $weather->air || null === $weather->humidity ? [] : [self::fact('Air', Sentence::of(
            '{air}, {humidity} % relative humidity', ['air' => $weather->air, 'humidity' => $weather->humidity],
        ))];
    }
}
