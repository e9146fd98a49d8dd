<?php

declare(strict_types=1);

namespace App\Paper;

use Berm\Core\Card\Abreast;
use Berm\Core\Card\CardMark;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\LengthUnit;

/** The table of a mark-out card: large where it is cut, and room to write what was measured. */
final readonly class CardMarks
{
    private const NUMBER = 13.0;
    private const PLACE = 20.0;
    private const WINDOW = 11.0;
    private const WORDS = 9.5;

    public function __construct(private Paper $paper, private Occasion $of)
    {
    }

    /** @param list<CardMark> $marks of one end */
    public function ofEnd(array $marks): void
    {
        $unit = $this->of->reader->unit->value;
        $widths = [9.0, 44.0, 40.0, 46.0, 62.0, 22.0];
        $columns = new Columns(
            $this->paper, ['No.', 'Cut', "At, $unit", "From – to, $unit", 'Tool', 'Depth', $this->measured()],
            [...$widths, $this->paper->wide() - array_sum($widths)],
            [self::NUMBER, self::WINDOW, self::PLACE, self::WINDOW, self::WORDS, self::WORDS, self::WORDS], 9.5,
        );
        $columns->head();
        foreach ($marks as $mark) {
            $columns->row([
                (string) $mark->mark->order, $this->cut($mark), ...$this->places($mark), "{$mark->mark->tool}{$this->settingOf($mark)}",
                $this->depth($mark), $this->boxes($mark, '   '),
            ]);
        }
    }

    /** Both ends side by side. */
    public function ofBoth(Abreast $abreast): void
    {
        $unit = $this->of->reader->unit->value;
        $end = LengthUnit::Inch === $this->of->reader->unit ? [34.0, 41.0, 27.0] : [26.0, 34.0, 35.0];
        $words = $this->paper->wide() - 9 - 2 * array_sum($end);
        [$from, $rule] = [$this->paper->GetY(), $this->paper->left() + 9 + $words + array_sum($end) - 1.5];
        $columns = new Columns(
            $this->paper, [
                'No.', 'Cut, tool, depth', "End A, at, $unit", "From – to, $unit", 'Measured, A', "End B, at, $unit",
                "From – to, $unit", 'Measured, B',
            ],
            [9.0, $words, ...$end, ...$end],
            [self::NUMBER, self::WORDS, ...[self::PLACE, self::WINDOW, self::WORDS], ...[self::PLACE, self::WINDOW, self::WORDS]], 9.5,
        );
        $columns->head();
        foreach ($abreast->rows as [$a, $b]) {
            $columns->row([
                (string) $a->mark->order, "{$this->cut($a)}. {$a->mark->tool}{$this->settingOf($a)}{$this->depths($a, $b)}",
                ...$this->places($a), $this->boxes($a, "\n"), ...$this->places($b), $this->boxes($b, "\n"),
            ]);
        }
        // Nobody reads the mark of one end for that of the other.
        $this->paper->Line($rule, $from, $rule, $this->paper->GetY());
    }

    private function measured(): string
    {
        return $this->isOfCores() ? 'Measured, core by core' : 'Measured';
    }

    private function isOfCores(): bool
    {
        return 1 < ($this->of->plan->markOut?->cores() ?? 1);
    }

    private function cut(CardMark $mark): string
    {
        $isEach = substr_count($mark->cores, ',') + 1 === ($this->of->plan->markOut?->cores() ?? 1);

        return ucfirst($this->of->reader->word($mark->mark->place->cut->layer()->label())).match (true) {
            '' === $mark->cores => '',
            $isEach => ', each core',
            default => ", core $mark->cores",
        };
    }

    /** @return array{string, string} where it lies, and from where to where it may */
    private function places(CardMark $mark): array
    {
        $set = $mark->seen->set($this->of->reader->unit);

        return [$set->at, "$set->from – $set->to"];
    }

    /** What it is set with where no rule shows it. */
    private function settingOf(CardMark $mark): string
    {
        $needs = $mark->seen->set($this->of->reader->unit)->needs;

        return null === $needs ? '' : ". Set it with a {$needs->label()}";
    }

    private function depth(CardMark $mark): string
    {
        $depth = $mark->mark->depth;

        return null === $depth ? '' : $this->of->reader->fine($depth).($mark->mark->isDepthMeasured ? '' : ', by type');
    }

    private function depths(CardMark $a, CardMark $b): string
    {
        $depth = static fn (CardMark $of): ?Length => $of->mark->depth;
        $isSame = $depth($a)?->nanometres === $depth($b)?->nanometres && $a->mark->isDepthMeasured === $b->mark->isDepthMeasured;
        $said = $isSame ? $this->depth($a) : implode('; ', array_filter([
            '' === $this->depth($a) ? '' : "A {$this->depth($a)}", '' === $this->depth($b) ? '' : "B {$this->depth($b)}",
        ], static fn (string $one): bool => '' !== $one));

        return '' === $said ? '' : ". Depth $said";
    }

    private function boxes(CardMark $mark, string $between): string
    {
        $cores = $this->isOfCores() && '' !== $mark->cores ? explode(', ', $mark->cores) : [''];
        $room = 1 === \count($cores) ? '_____________' : '__________';

        return implode($between, array_map(static fn (string $core): string => trim("$core $room"), $cores));
    }
}
