<?php

declare(strict_types=1);

namespace App\Paper;

use App\Paper\Section\HalfSection;
use Berm\Core\Card\Card;
use Berm\Core\Card\CardMark;
use Berm\Core\Card\CardPart;
use Berm\Core\Card\CardStep;
use Berm\Core\Kit\Item;
use Berm\Core\Saying\Sentence;

/** The mark-out card: for a gloved hand at arm's length, an end on a sheet; what lies where, and what there is no way back from, behind. */
final readonly class CardPdf
{
    private function __construct(private Paper $paper, private Occasion $of, private Card $card)
    {
    }

    public static function of(Occasion $of, Asked $asked): string
    {
        $paper = Paper::across($asked->paper, "{$of->plan->job->name}: mark-out card")
            ->withFoot("Berm · {$of->plan->job->name} · mark-out card");
        foreach (null === $asked->end ? $of->plan->job->function->ends() : [$asked->end] as $end) {
            $card = new self($paper, $of, Card::of($of->plan, $end, $asked->from));
            $card->front();
            $card->back();
        }

        return $paper->printed();
    }

    private function front(): void
    {
        $this->paper->AddPage();
        $this->paper->Bookmark("End {$this->card->end->value}");
        $from = $this->of->reader->say(Sentence::plain($this->card->from->label()));
        $this->of->head($this->paper, "Mark-out card, end {$this->card->end->value}. Marks are measured from $from.", $this->card->stop());
        if (null !== $this->of->plan->section) {
            HalfSection::draw($this->paper, $this->of->plan, $this->card->end);
        }
        $this->marks();
        $this->paper->Ln(2);
        $this->before();
    }

    private function marks(): void
    {
        $unit = $this->of->reader->unit->value;
        $wide = $this->paper->wide();
        $cores = 1 < ($this->of->plan->markOut?->cores() ?? 1);
        $widths = [9.0, 44.0, 40.0, 46.0, 62.0, 22.0];
        $columns = new Columns(
            $this->paper, ['No.', 'Cut', "At, $unit", "From – to, $unit", 'Tool', 'Depth', $cores ? 'Measured, core by core' : 'Measured'],
            [...$widths, $wide - array_sum($widths)], [13.0, 11.0, 20.0, 11.0, 9.5, 9.5, 9.5], 9.5,
        );
        $columns->head();
        foreach ($this->card->marks() as $mark) {
            $columns->row($this->row($mark, $cores));
        }
    }

    /** @return list<string> */
    private function row(CardMark $mark, bool $isOfCores): array
    {
        $set = $mark->seen->set($this->of->reader->unit);
        $depth = $mark->mark->depth;
        $needs = null === $set->needs ? '' : ". Set it with a {$set->needs->label()}";
        $isEach = substr_count($mark->cores, ',') + 1 === ($this->of->plan->markOut?->cores() ?? 1);
        $boxes = $isOfCores && '' !== $mark->cores ? explode(', ', $mark->cores) : [''];

        return [
            (string) $mark->mark->order,
            ucfirst($this->of->reader->word($mark->mark->place->cut->layer()->label())).('' === $mark->cores ? '' : ($isEach
                ? ', each core' : ", core $mark->cores")),
            $set->at, "$set->from – $set->to", $mark->mark->tool.$needs,
            null === $depth ? '' : $this->of->reader->fine($depth).($mark->mark->isDepthMeasured ? '' : ', by type'),
            implode('   ', array_map(static fn (string $core): string => trim("$core ______"), $boxes)),
        ];
    }

    /** What is done before anything is joined, the least margin, and where people can be hurt. */
    private function before(): void
    {
        foreach ($this->card->parked() as $side) {
            $names = implode(', then ', array_map(static fn (Item $item): string => lcfirst($item->name), $side->items));
            $this->lead('Slide on first', ($side->isOnCores ? 'each core: '
                : '')."$names. Room needed: {$this->of->reader->mark($side->needed)}.");
        }
        $this->lead('Connector', $this->said($this->card->joining()));
        $this->lead('Thinnest', $this->said($this->card->thinnest()?->withWorst()));
        $this->lead('Take care', implode(' ', $this->card->cautions()).' Local rules, the permit and the leaflet in the box come first.');
    }

    private function said(?Sentence $sentence): string
    {
        return null === $sentence ? '' : $this->of->reader->say($sentence);
    }

    /** A short title at the left, what it says beside it. */
    private function lead(string $title, string $text): void
    {
        if ('' === $text) {
            return;
        }
        $this->paper->face(9);
        $this->paper->needs($this->paper->getStringHeight($this->paper->wide() - 34, $text) + 1);
        $this->paper->face(9, 'B');
        $this->paper->MultiCell(34, 4.6, $title, 0, 'L', false, 0);
        $this->paper->face(9)->say($text, 4.6, $this->paper->left() + 34);
        $this->paper->Ln(0.8);
    }

    private function back(): void
    {
        [$parts, $steps] = [$this->card->parts(), $this->card->oneWay()];
        if ([] === $parts && [] === $steps) {
            return;
        }
        $this->paper->AddPage();
        $this->paper->face(12, 'B')->say("End {$this->card->end->value}: what lies where, in the order of setting", 7);
        $this->paper->rule(0.3);
        array_map(fn (CardPart $part) => $this->wide($part->name, implode(' ', array_map($this->of->reader->say(...), $part->lies))),
            $parts);
        if ([] !== $steps) {
            $this->paper->Ln(2);
            $this->paper->needs(20);
            $this->paper->face(12, 'B')->say('No way back: look before each', 7);
            $this->paper->rule(0.3);
            array_map(fn (CardStep $step) => $this->wide(
                $this->of->reader->say($step->title),
                [] === $step->before ? '' : '☐ '.implode('   ☐ ', array_map($this->of->reader->say(...), $step->before)),
            ), $steps);
        }
    }

    private function wide(string $title, string $text): void
    {
        $this->paper->face(9);
        $tall = max(
            $this->paper->getStringHeight($this->paper->wide() - 72, $text), $this->paper->face(9, 'B')->getStringHeight(70, $title),
        ) + 1;
        $this->paper->needs($tall);
        $top = $this->paper->GetY();
        $this->paper->face(9, 'B');
        $this->paper->MultiCell(70, 4.4, $title, 0, 'L', false, 0);
        $this->paper->face(9)->say($text, 4.4, $this->paper->left() + 72);
        $this->paper->setY($top + $tall);
    }
}
