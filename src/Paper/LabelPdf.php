<?php

declare(strict_types=1);

namespace App\Paper;

use Berm\Core\Card\Label;

/** Labels for the finished accessory, from the first place of a sheet that is still free. */
final class LabelPdf
{
    public static function of(Occasion $of, Asked $asked, string $code): string
    {
        $sheet = LabelSheet::of($asked->paper);
        $paper = Paper::upright($asked->paper, "{$of->plan->job->name}: labels", 2);
        $paper->setAutoPageBreak(false);
        $lines = array_map($of->reader->say(...), Label::of($of->plan, $code));
        for ($i = 0; $i < $asked->copies; ++$i) {
            $place = ($asked->first - 1 + $i) % $sheet->places();
            0 === $i || 0 === $place ? $paper->AddPage() : null;
            self::label($paper, $sheet, $sheet->corner($place), $lines, $of->address);
        }

        return $paper->printed();
    }

    /**
     * @param array{float, float} $corner
     * @param list<string>        $lines
     */
    private static function label(Paper $paper, LabelSheet $sheet, array $corner, array $lines, ?string $address): void
    {
        [$x, $y] = [$corner[0] + 5.5, $corner[1] + 5.5];
        $code = null === $address ? 0.0 : min(18.0, $sheet->height - 11);
        $wide = $sheet->width - 11 - $code - (0.0 === $code ? 0 : 1.5);
        if (null !== $address) {
            $paper->write2DBarcode($address, 'QRCODE,L', $corner[0] + $sheet->width - 5.5 - $code, $y, $code, $code, [], 'N');
        }
        $room = $sheet->height - 8;
        foreach ($lines as $i => $line) {
            $tall = self::fitted($paper, $line, $wide, 0 === $i);
            if ($room < $tall) {
                return;
            }
            $paper->MultiCell($wide, $tall, $line, 0, 'L', false, 1, $x, $y);
            $y += $tall;
            $room -= $tall;
        }
    }

    /** In letters as large as two lines of it allow. @return float how high it is, in mm */
    private static function fitted(Paper $paper, string $line, float $wide, bool $isFirst): float
    {
        for ($size = $isFirst ? 8.5 : 6.5; $size > 4.5; $size -= 0.5) {
            $tall = $paper->face($size, $isFirst ? 'B' : '')->getStringHeight($wide, $line);
            if ($tall <= ($isFirst ? 7.6 : 5.8)) {
                return $tall;
            }
        }

        return $paper->getStringHeight($wide, $line);
    }
}
