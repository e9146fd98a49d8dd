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
 * Every layer of every fourth cable that is shipped, so that a change of a rule is seen in the cables that it changes. Whether the values
 * are
 * right is asked by the tests beside this one, of the standards.
 */
final class LibraryReadTest extends TestCase
{
    #[Test]
    public function asItIsShipped(): void
    {
        $lines = $sources = [];
        foreach ([...Library::shipped()] as $i => $cable) {
            foreach ($cable->layers as $layer) {
                $sources[$layer->source] = true;
            }
            if (0 === $i % 4) {
                $lines[] = self::line($cable);
            }
        }
        ksort($sources);
        Golden::assertSame('library.txt', implode("\n", [...$lines, '', 'Sources:', ...array_keys($sources)])."\n");
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
