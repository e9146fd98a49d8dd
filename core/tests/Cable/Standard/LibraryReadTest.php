<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable\Standard;

use Berm\Core\Cable\Construction;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Quantity\LengthFormat;
use Berm\Core\Tests\Golden;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/**
 * Every layer of the first, the middle and the last cable of each sort, so that a change of a rule is seen in the cables that it changes.
 * Whether the values are right is asked by the tests beside this one, of the standards.
 */
final class LibraryReadTest extends TestCase
{
    #[Test]
    public function asItComesOut(): void
    {
        $sorts = $sources = [];
        foreach (Library::all() as $cable) {
            $sorts[self::sort($cable)][] = $cable;
            foreach ($cable->layers as $layer) {
                $sources[$layer->source] = true;
            }
        }
        $lines = [];
        foreach ($sorts as $all) {
            foreach (array_unique([0, intdiv(\count($all), 2), \count($all) - 1]) as $i) {
                $lines[] = self::line($all[$i]);
            }
        }
        ksort($sources);
        Golden::assertSame('library.txt', implode("\n", [...$lines, '', 'Sources:', ...array_keys($sources)])."\n");
    }

    /** Cables that the same rules make: the standard's, of one number of cores, screen, armour, insulation and shape. */
    private static function sort(Construction $cable): string
    {
        $design = $cable->design;

        return implode(' ', [
            $cable->standard, $design->cores->value, $design->metallicScreen->value, $design->armour->value, $design->bedding->value,
            $design->insulation->value, $design->conductor->shape->value, $design->insulationScreen->value,
        ]);
    }

    private static function line(Construction $cable): string
    {
        $layers = [];
        foreach ($cable->layers as $layer) {
            $limits = null === $layer->window ? '' : " ({$layer->window->min?->toText()} to {$layer->window->max?->toText()})";
            $layers[] = $layer->kind->value.' '.LengthFormat::millimetres($layer->diameter, 3).$limits;
        }
        $wires = $cable->design->wires;
        $screen = null === $wires ? '' : "; {$wires->count} wires of {$wires->diameter->toText()}";

        return $cable->revision->id.': '.implode(', ', $layers).$screen;
    }
}
