<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\BadDocument;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Stores\Box;
use Berm\Core\Stores\Gtin;
use Berm\Core\Stores\Label;
use Berm\Core\Stores\UnreadableLabel;
use Psr\Clock\ClockInterface;

/** Puts a box on the shelf from its label; the item number tells which kit and size it is. */
final readonly class AddBox
{
    public function __construct(private Boxes $boxes, private Sheets $sheets, private ClockInterface $clock)
    {
    }

    /** @throws BadDocument|BoxTaken */
    public function __invoke(string $id, string $text, string $place, string $by): AddedBox
    {
        try {
            $label = Label::read($text, (int) $this->clock->now()->format('Y'));
        } catch (UnreadableLabel $bad) {
            throw BadDocument::because('label', $bad->getMessage());
        }
        [$sheet, $size] = $this->kitOf($label->gtin);
        $box = new Box(
            $id,
            $sheet->revision,
            $size->label,
            $label->gtin,
            $label->batch,
            $label->serial,
            $label->madeOn,
            Box::expiry($label, $sheet->shelf->months),
            $place,
            null,
            null,
            [],
        );
        $this->boxes->add($box, $by);

        return new AddedBox($this->boxes->get($id), $label->others);
    }

    /** @return array{KitSheet, KitSize} */
    private function kitOf(Gtin $gtin): array
    {
        foreach ($this->sheets->kitsWithItem($gtin) as $sheet) {
            foreach ($sheet->sizes as $size) {
                if ($size->gtin?->digits === $gtin->digits) {
                    return [$sheet, $size];
                }
            }
        }
        throw BadDocument::because(
            'label', "has the item number $gtin->digits, which no released kit sheet has: write it into the sheet of its size first.",
        );
    }
}
