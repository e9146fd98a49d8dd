<?php

declare(strict_types=1);

namespace App\Http\Record;

use App\Paper\Paper;
use App\UseCase\Picture;
use Berm\Core\Build\Done;
use Berm\Core\Build\Event\Pictured;
use Berm\Core\Build\Names;
use Berm\Core\Job\Plan;
use Berm\Core\Saying\Reader;

/** The pictures of a job on paper, two side by side, each with what it shows, who took it and when. */
final readonly class PicturePages
{
    private const GAP = 6.0;
    private const HIGHEST = 70.0;
    private const CAPTION = 12.0;
    /** The rest are named in the log. */
    private const MOST = 40;
    /** What one request may hold of them: the rest keep their words, and are seen on the screen. */
    private const MOST_BYTES = 20_000_000;

    /** @param \Closure(string): ?Picture $picture by its hash; null where it is not here */
    public static function draw(Paper $pdf, Plan $plan, Reader $reader, \Closure $picture, float $left, float $width): void
    {
        $column = ($width - self::GAP) / 2;
        $printed = 0;
        foreach (array_chunk(\array_slice($plan->build->pictures(), 0, self::MOST), 2) as $row) {
            $pdf->Ln(4);
            if ($pdf->GetY() + self::HIGHEST + self::CAPTION > $pdf->lowest()) {
                $pdf->AddPage();
            }
            $top = $pdf->GetY();
            $bottom = $top;
            foreach ($row as $i => $one) {
                $x = $left + $i * ($column + self::GAP);
                $caption = self::caption($plan, $reader, $one);
                $shown = $printed < self::MOST_BYTES ? $picture($one->event->picture) : null;
                $printed += \strlen($shown->bytes ?? '');
                $bottom = max($bottom, self::one($pdf, $shown, $caption, $x, $top, $column));
            }
            $pdf->setY($bottom);
        }
    }

    /** @param Done<Pictured> $one */
    private static function caption(Plan $plan, Reader $reader, Done $one): string
    {
        return $reader->say($one->event->words(new Names($plan->job))).'. '.$one->entry->by.', '
            .$one->entry->doneAt()->format('j M Y, H:i P').'. SHA-256 '.substr($one->event->picture, 0, 16).'…';
    }

    /** @return float where what was drawn ends, in mm from the top */
    private static function one(Paper $pdf, ?Picture $picture, string $caption, float $x, float $y, float $width): float
    {
        $end = $y;
        if (null !== $picture) {
            // Kept pictures were opened before they were kept.
            $size = getimagesizefromstring($picture->bytes);
            $height = false === $size ? self::HIGHEST : min(self::HIGHEST, $width * $size[1] / max(1, $size[0]));
            $pdf->Image('@'.$picture->bytes, $x, $y, $width, self::HIGHEST, fitbox: 'LT');
            $end = $y + $height + 1;
        }
        $pdf->setFont(Paper::FONT, '', 8);
        $pdf->MultiCell($width, 4, null === $picture ? "$caption (not printed: it stands in the record on the screen)" : $caption, 0, 'L', false, 1, $x, $end);

        return $pdf->GetY();
    }
}
