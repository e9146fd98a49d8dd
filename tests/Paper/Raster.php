<?php

declare(strict_types=1);

namespace App\Tests\Paper;

/** A page as a printer sets it, dot by dot, by a program that is not ours (poppler's pdftoppm). */
final readonly class Raster
{
    private function __construct(private string $dots, private int $wide, private int $tall, private float $perMm)
    {
    }

    public static function of(string $pdf, int $page, int $dpi): self
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'berm-raster');
        file_put_contents($file, $pdf);
        exec("pdftoppm -gray -r $dpi -f $page -l $page -singlefile ".escapeshellarg($file).' '.escapeshellarg($file));
        $picture = (string) file_get_contents("$file.pgm");
        unlink($file);
        unlink("$file.pgm");
        preg_match('/^P5\s+(\d+)\s+(\d+)\s+255\s/', $picture, $head);

        return new self(substr($picture, \strlen($head[0] ?? '')), (int) ($head[1] ?? 0), (int) ($head[2] ?? 0), $dpi / 25.4);
    }

    private function isInk(int $x, int $y): bool
    {
        return \ord($this->dots[$y * $this->wide + $x]) < 128;
    }

    /** The longest unbroken level line that begins within 0.3 mm of a place and is no longer than so much, in mm. */
    public function longestLine(float $from, float $most): float
    {
        $longest = 0;
        for ($y = 0; $y < $this->tall; ++$y) {
            $start = (int) (($from - 0.3) * $this->perMm);
            while ($start < ($from + 0.3) * $this->perMm && !$this->isInk($start, $y)) {
                ++$start;
            }
            $end = $start;
            while ($end < $this->wide && $this->isInk($end, $y)) {
                ++$end;
            }
            $longest = ($end - $start) / $this->perMm <= $most ? max($longest, $end - $start) : $longest;
        }

        return $longest / $this->perMm;
    }

    /** @return list<float> where upright lines of 30 mm and more are, right of a place, in mm */
    public function uprightLines(float $from): array
    {
        $found = [];
        for ($x = (int) (($from - 1) * $this->perMm); $x < $this->wide; ++$x) {
            $run = $longest = 0;
            for ($y = 0; $y < $this->tall; $y += 3) {
                $run = $this->isInk($x, $y) ? $run + 3 : 0;
                $longest = max($longest, $run);
            }
            if ($longest > 30 * $this->perMm) {
                $found[] = ($x + 0.5) / $this->perMm;
            }
        }

        return $found;
    }
}
