<?php

declare(strict_types=1);

namespace App\Http\Record;

/** A page whose font has no form for some letters: such a letter stands as a box, and the page knows that it had one. */
final class Paper extends \TCPDF
{
    public const FONT = 'dejavusans';
    public const BOX = "\u{25AF}";

    private bool $hasBoxes = false;

    public static function a4(): self
    {
        return new self('P', 'mm', 'A4', true, 'UTF-8');
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
