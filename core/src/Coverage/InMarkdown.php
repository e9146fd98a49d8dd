<?php

declare(strict_types=1);

namespace Berm\Core\Coverage;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\Mistake;

/** A page of Markdown: for every kind of accessory each step and what sees to it, and for each mistake what shows it. */
final class InMarkdown
{
    private const LEAD = <<<'TEXT'
        # What the sheets see to

        Made by `./berm coverage` from the demo's sheets of the second edition and the lists of steps in `demo/coverage/`; a test holds it
        current.
        For every kind of accessory that the trade has, each step of the work in its order, and how the sheet sees to it:

        - **computed**: worked out from the sheet, the cables and the connector, and proved over the sheet's whole range;
        - **measured**: a number is entered and judged;
        - **asked**: somebody looks, and says yes or no;
        - **said**: a sentence, with the reason why no more.

        A look that follows a look is answered with it by one touch; a reading never is. Touches are counted from the first stage to the
        last.

        TEXT;

    /** @param list<Coverage> $all */
    public static function of(array $all): string
    {
        usort($all, static fn (Coverage $one, Coverage $other): int => $one->system <=> $other->system);

        return self::LEAD.self::figures($all).implode('', array_map(self::system(...), $all));
    }

    /** @param list<Coverage> $all */
    private static function figures(array $all): string
    {
        $lines = ['| | sheet | steps | with a number | of these known | only said | touches |', '|--:|---|--:|--:|--:|--:|--:|'];
        $sums = [0, 0, 0, 0];
        foreach ($all as $one) {
            $counts = [\count($one->rows), \count($one->numbered()), \count($one->known()), \count($one->onlySaid())];
            $sums = array_map(static fn (int $sum, int $count): int => $sum + $count, $sums, $counts);
            $name = "{$one->sheet->name} (`{$one->sheet->revision->id}`)";
            $lines[] = "| $one->system | $name | ".self::cells($counts)." | {$one->touches()} |";
        }
        $lines[] = '| | all | '.self::cells($sums).' | |';

        return "\n".implode("\n", $lines)."\n";
    }

    /** @param list<int> $counts steps, with a number, known, only said */
    private static function cells(array $counts): string
    {
        [$steps, $numbered, $known, $said] = $counts;

        return "$steps | $numbered | $known (".round(100 * $known / max(1, $numbered))." %) | $said";
    }

    private static function system(Coverage $one): string
    {
        $rows = array_map(self::row(...), $one->rows);

        return "\n## {$one->system} · {$one->sheet->name}\n\n| step | how | by |\n|--:|---|---|\n".implode('', $rows)
            ."\n| mistake | shown by |\n|---|---|\n".self::mistakes($one->sheet);
    }

    private static function row(Row $row): string
    {
        $parts = array_map(
            static fn (Part $part): string => self::plain($part->words)
                .('' === $part->reason ? '' : ' *'.self::plain($part->reason).'*'),
            $row->parts,
        );

        return "| $row->number".($row->isNumbered ? ' #' : '')." | {$row->means()->value} | ".implode(' · ', array_unique($parts))." |\n";
    }

    private static function mistakes(KitSheet $sheet): string
    {
        $lines = '';
        foreach (Mistake::cases() as $mistake) {
            if ($mistake->isPossibleOn($sheet)) {
                $caught = array_unique(array_map(self::plain(...), Caught::of($mistake, $sheet)));
                $by = [] === $caught ? '**nothing**' : implode(' · ', \array_slice($caught, 0, 5));
                $lines .= '| '.$mistake->words()." | $by |\n";
            }
        }

        return $lines;
    }

    /** Names in brackets are words of the trade; a bar would end the cell. */
    private static function plain(string $text): string
    {
        return str_replace(['[', ']', '|', "\n"], ['', '', '/', ' '], $text);
    }
}
