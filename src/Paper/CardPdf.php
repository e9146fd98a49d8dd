<?php

declare(strict_types=1);

namespace App\Paper;

use App\Paper\Section\HalfSection;
use Berm\Core\Cable\End;
use Berm\Core\Card\Abreast;
use Berm\Core\Card\Card;
use Berm\Core\Card\CardPart;
use Berm\Core\Card\CardStep;
use Berm\Core\Kit\Item;
use Berm\Core\Saying\Sentence;

/**
 * The mark-out card: for a gloved hand at arm's length. An end on a sheet, or both where they are cut alike and one sheet has room for it;
 * what lies where, and what there is no way back from, behind.
 */
final readonly class CardPdf
{
    /** @param non-empty-list<Card> $cards what its front is of: one end, or both */
    private function __construct(private Paper $paper, private Occasion $of, private array $cards, private ?Abreast $abreast)
    {
    }

    public static function of(Occasion $of, Asked $asked): string
    {
        $paper = self::sheet($of, $asked);
        $ends = null === $asked->end ? $of->plan->job->function->ends() : [$asked->end];
        $cards = array_map(static fn (End $end): Card => Card::of($of->plan, $end, $asked->from), $ends);
        $abreast = 2 === \count($cards) ? Abreast::of(...$cards) : null;
        if (null !== $abreast && self::hasRoom($of, $asked, $cards, $abreast)) {
            (new self($paper, $of, $cards, $abreast))->front();
            array_map(static fn (Card $card) => (new self($paper, $of, [$card], null))->back($card), $cards);

            return $paper->printed();
        }
        foreach ($cards as $card) {
            $sheet = new self($paper, $of, [$card], null);
            $sheet->front();
            $sheet->back($card);
        }

        return $paper->printed();
    }

    private static function sheet(Occasion $of, Asked $asked): Paper
    {
        $name = $of->plan->job->name;

        return Paper::across($asked->paper, "$name: mark-out card")->withFoot("Berm · $name · mark-out card");
    }

    /**
     * Tried on a sheet that nobody sees.
     *
     * @param non-empty-list<Card> $cards
     */
    private static function hasRoom(Occasion $of, Asked $asked, array $cards, Abreast $abreast): bool
    {
        $tried = self::sheet($of, $asked);
        (new self($tried, $of, $cards, $abreast))->front();

        return 1 === $tried->getNumPages();
    }

    private function front(): void
    {
        $this->paper->AddPage();
        [$card] = $this->cards;
        $ends = null === $this->abreast ? "end {$card->end->value}" : 'ends A and B';
        $this->paper->Bookmark(ucfirst($ends));
        $from = $this->of->reader->say(Sentence::plain($card->from->label()));
        $this->of->head($this->paper, "Mark-out card, $ends. Marks are measured from $from.", $card->stop());
        if (null !== $this->of->plan->section) {
            HalfSection::draw($this->paper, $this->of->plan, null === $this->abreast ? $card->end : null);
        }
        $marks = new CardMarks($this->paper, $this->of);
        null === $this->abreast ? $marks->ofEnd($card->marks()) : $marks->ofBoth($this->abreast);
        $this->paper->Ln(2);
        $this->before();
    }

    /** What is done before anything is joined, the least margin, and where people can be hurt. */
    private function before(): void
    {
        foreach ($this->cards as $card) {
            foreach ($card->parked() as $side) {
                $names = implode(', then ', array_map(static fn (Item $item): string => lcfirst($item->name), $side->items));
                $where = implode(', ', [
                    ...(null === $this->abreast ? [] : ["end {$card->end->value}"]), ...($side->isOnCores ? ['each core'] : []),
                ]);
                $this->lead('Slide on first', ('' === $where ? '' : "$where: ")
                    ."$names. Room needed: {$this->of->reader->mark($side->needed)}.");
            }
        }
        [$card] = $this->cards;
        $this->lead('Connector', $this->said($card->joining()));
        $this->lead('Thinnest', $this->said($card->thinnest()?->withWorst()));
        $this->lead('Take care', implode(' ', $card->cautions()).' Local rules, the permit and the leaflet in the box come first.');
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

    private function back(Card $card): void
    {
        [$parts, $steps] = [$card->parts(), $card->oneWay()];
        if ([] === $parts && [] === $steps) {
            return;
        }
        $this->paper->AddPage();
        $this->paper->face(12, 'B')->say("End {$card->end->value}: what lies where, in the order of setting", 7);
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
