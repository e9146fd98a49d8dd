<?php

declare(strict_types=1);

namespace App\Tests\Paper;

/** A PDF as a reader sees it: its words with their boxes, in reading order, by a program that is not ours (poppler's pdftotext). */
final readonly class Pages
{
    /** @param list<array{width: float, height: float, words: list<array{string, float, float, float, float}>}> $pages in points */
    private function __construct(public array $pages)
    {
    }

    public static function of(string $pdf): self
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'berm-paper');
        file_put_contents($file, $pdf);
        $html = (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' - 2>/dev/null');
        unlink($file);
        preg_match_all('~<page width="([\d.]+)" height="([\d.]+)">(.*?)</page>~s', $html, $pages, \PREG_SET_ORDER);

        return new self(array_map(static function (array $page): array {
            preg_match_all(
                '~<word xMin="([-\d.]+)" yMin="([-\d.]+)" xMax="([-\d.]+)" yMax="([-\d.]+)">(.*?)</word>~', $page[3], $words,
                \PREG_SET_ORDER,
            );

            return ['width' => (float) $page[1], 'height' => (float) $page[2], 'words' => array_map(static fn (array $word): array => [
                html_entity_decode($word[5], \ENT_QUOTES | \ENT_HTML5), (float) $word[1], (float) $word[2], (float) $word[3],
                (float) $word[4],
            ], $words)];
        }, $pages));
    }

    public function text(): string
    {
        return implode("\n", array_map(
            static fn (array $page): string => implode(' ', array_column($page['words'], 0)), $this->pages,
        ));
    }

    /**
     * Row by row, as the eye goes along a table: words whose middles are at one height, from left to right.
     *
     * @param int|null $of a page, from 0; null: all
     */
    public function rows(?int $of = null): string
    {
        $rows = [];
        foreach (null === $of ? $this->pages : [$this->pages[$of]] as $page) {
            $words = $page['words'];
            usort($words, static fn (array $one, array $other): int => $one[2] + $one[4] <=> $other[2] + $other[4]);
            $row = [];
            foreach ($words as $word) {
                if ([] !== $row && ($word[2] + $word[4] - $row[0][2] - $row[0][4]) / 2 > 3.0) {
                    $rows[] = self::fromLeft($row);
                    $row = [];
                }
                $row[] = $word;
            }
            $rows[] = self::fromLeft($row);
        }

        return implode("\n", $rows);
    }

    /** @param list<array{string, float, float, float, float}> $words */
    private static function fromLeft(array $words): string
    {
        usort($words, static fn (array $one, array $other): int => $one[1] <=> $other[1]);

        return implode(' ', array_column($words, 0));
    }

    /**
     * What cannot be read: words that lie on each other by more than their boxes' own slack, or that a printer cuts off at the edge.
     *
     * @return list<string>
     */
    public function unreadable(float $edge = 14.0): array
    {
        $found = [];
        foreach ($this->pages as $number => $page) {
            foreach ($page['words'] as $i => [$word, $left, $top, $right, $bottom]) {
                if ($left < $edge || $top < $edge || $right > $page['width'] - $edge || $bottom > $page['height'] - $edge) {
                    $found[] = 'page '.($number + 1).": \"$word\" at the edge";
                }
                foreach (\array_slice($page['words'], $i + 1) as [$other, $x, $y, $toX, $toY]) {
                    // A font's box is taller than its letters: what stands in it is its middle.
                    [$more, $others] = [0.22 * ($bottom - $top), 0.22 * ($toY - $y)];
                    $isOn = self::lap($top + $more, $bottom - $more, $y + $others, $toY - $others) > 0.8;
                    if ($isOn && self::lap($left, $right, $x, $toX) > 0.8) {
                        $found[] = 'page '.($number + 1).": \"$word\" and \"$other\"";
                    }
                }
            }
        }

        return $found;
    }

    private static function lap(float $from, float $to, float $start, float $stop): float
    {
        return min($to, $stop) - max($from, $start);
    }
}
