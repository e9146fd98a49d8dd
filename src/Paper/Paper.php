<?php

declare(strict_types=1);

namespace App\Paper;

/** A page whose font has no form for some letters: such a letter stands as a box, and the page knows that it had one. */
final class Paper extends \TCPDF
{
    public const FONT = 'dejavusans';
    public const BOX = "\u{25AF}";

    private bool $hasBoxes = false;

    /** What stands at the foot of each page before its number; empty: nothing does. */
    private string $foot = '';

    public static function upright(PaperSize $size, string $title, float $margin = 16.0): self
    {
        return self::sheet('P', $size, $title, $margin);
    }

    public static function across(PaperSize $size, string $title, float $margin = 12.0): self
    {
        return self::sheet('L', $size, $title, $margin);
    }

    private static function sheet(string $orientation, PaperSize $size, string $title, float $margin): self
    {
        self::configured();
        $paper = new self($orientation, 'mm', $size->sides(), true, 'UTF-8');
        $paper->tcpdflink = false;
        $paper->setCreator('Berm');
        $paper->setTitle($title);
        $paper->setLanguageArray(['a_meta_language' => 'en', 'a_meta_charset' => 'UTF-8', 'a_meta_dir' => 'ltr', 'w_page' => 'page']);
        $paper->setPrintHeader(false);
        $paper->setPrintFooter(false);
        $paper->setMargins($margin, $margin - 2, $margin);
        $paper->setCellPaddings(0.6, 0, 0.6, 0);
        $paper->setAutoPageBreak(true, $margin);

        return $paper;
    }

    /** The library's constants are made where its file is read: of a class that was loaded before, that was in another process. */
    private static function configured(): void
    {
        if (!\defined('K_CELL_HEIGHT_RATIO')) {
            require \dirname((string) (new \ReflectionClass(\TCPDF::class))->getFileName()).'/tcpdf_autoconfig.php';
        }
    }

    /** From here on each page says at its foot what it is of, and which page of how many. */
    public function withFoot(string $foot): self
    {
        $this->foot = $foot;
        $this->setPrintFooter(true);
        $this->setFooterMargin(9);

        return $this;
    }

    public function Footer(): void
    {
        $this->setFont(self::FONT, '', 7);
        $this->setTextColor(95, 98, 87);
        $page = 'page '.$this->getAliasNumPage().' of '.$this->getAliasNbPages();
        $this->Cell($this->wide() - 34, 4, $this->foot, 0, 0, 'L');
        $this->Cell(34, 4, $this->getAliasRightShift().$page, 0, 0, 'R');
        $this->setTextColor(29, 33, 28);
    }

    /** Between the margins, in mm. */
    public function wide(): float
    {
        $margins = $this->getMargins();

        return $this->getPageWidth() - self::number($margins['left']) - self::number($margins['right']);
    }

    public function left(): float
    {
        return self::number($this->getMargins()['left']);
    }

    /** The lowest place on a page that text may reach. */
    public function lowest(): float
    {
        return $this->getPageHeight() - $this->getBreakMargin();
    }

    private static function number(mixed $of): float
    {
        return is_numeric($of) ? (float) $of : 0.0;
    }

    public function face(float $size, string $style = ''): self
    {
        $this->setFont(self::FONT, $style, $size);

        return $this;
    }

    /** A paragraph over the whole width, or from a place on. */
    public function say(string $text, float $line = 5.0, ?float $x = null, ?float $width = null): void
    {
        $this->MultiCell($width ?? 0, $line, $text, 0, 'L', false, 1, $x ?? $this->left());
    }

    public function rule(float $width): void
    {
        $y = self::number($this->GetY()) + 0.8;
        $this->setLineStyle(['width' => $width, 'dash' => 0, 'color' => [29, 33, 28]]);
        $this->Line($this->left(), $y, $this->left() + $this->wide(), $y);
        $this->setLineWidth(0.1);
        $this->setY($y + 1);
    }

    /** A new page where so much would not find room on this one. */
    public function needs(float $tall): void
    {
        if (self::number($this->GetY()) + $tall > $this->lowest()) {
            $this->AddPage();
        }
    }

    /** The file. It names nobody but Berm: what the library writes of itself is written over, letter for letter. */
    public function printed(): string
    {
        $producer = \TCPDF_STATIC::getTCPDFProducer();
        $wide = static fn (string $text): string => (string) preg_replace(
            '/([()\\\\])/', '\\\\$1', mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'),
        );
        $known = $wide($producer);

        return str_replace([$known, $producer], [
            str_pad($wide('Berm'), \strlen($known), "\0 "), str_pad('Berm', \strlen($producer)),
        ], $this->Output('', 'S'));
    }

    public function hasBoxes(): bool
    {
        return $this->hasBoxes;
    }

    /**
     * @param float|int $w
     * @param float|int $h
     * @param string    $txt
     */
    public function Cell($w, $h = 0, $txt = '', mixed ...$rest): void
    {
        parent::Cell($w, $h, $this->shown($txt), ...$rest);
    }

    /**
     * @param float|int $w
     * @param float|int $h
     * @param string    $txt
     */
    public function MultiCell($w, $h, $txt, mixed ...$rest): int
    {
        return parent::MultiCell($w, $h, $this->shown($txt), ...$rest);
    }

    /**
     * @param string    $txt
     * @param float|int $w
     */
    public function getNumLines($txt, $w = 0, mixed ...$rest): float
    {
        return parent::getNumLines($this->shown($txt), $w, ...$rest);
    }

    private function shown(string $text): string
    {
        return (string) preg_replace_callback('/[^\x00-\x7E]/u', function (array $letter): string {
            $widths = \is_array($this->CurrentFont) ? $this->CurrentFont['cw'] ?? [] : [];
            $has = \is_array($widths) && isset($widths[mb_ord($letter[0])]);
            $this->hasBoxes = $this->hasBoxes || !$has;

            return $has ? $letter[0] : self::BOX;
        }, mb_scrub($text));
    }
}
