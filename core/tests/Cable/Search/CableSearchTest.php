<?php

declare(strict_types=1);

namespace Berm\Core\Tests\Cable\Search;

use Berm\Core\Cable\Search\CableSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

final class CableSearchTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, list<string>>}> what is typed, and what is asked of which facet */
    public static function typed(): iterable
    {
        $al = ['material' => ['aluminium']];
        $cu = ['material' => ['copper']];
        yield 'letters of a drum' => [
            'NA2XSY 1x95', [...$al, 'insulation' => ['xlpe'], 'screen' => ['copper-wire'], 'cores' => ['1'], 'number' => ['95']],
        ];
        yield 'its copper brother with PE' => ['N2XS(F)2Y', [...$cu, 'insulation' => ['xlpe'], 'screen' => ['copper-wire']]];
        yield 'three cores by their letter' => [
            'na2xsey', [...$al, 'insulation' => ['xlpe'], 'screen' => ['copper-wire'], 'cores' => ['3']],
        ];
        yield 'paper with steel tape' => [
            'NKBA 3x150', [...$cu, 'insulation' => ['paper'], 'armour' => ['steel-tape'], 'cores' => ['3'], 'number' => ['150']],
        ];
        yield 'paper on aluminium, steel wire' => ['NAKRA', [...$al, 'insulation' => ['paper'], 'armour' => ['steel-wire']]];
        yield 'paper without armour' => ['NKA', [...$cu, 'insulation' => ['paper']]];
        yield 'a size without a space' => ['95mm2 al', ['size' => ['95 mm²'], ...$al]];
        yield 'number, metal, voltage' => ['185 cu 11kv', ['voltage' => ['6.35/11 (12) kV'], ...$cu, 'number' => ['185']]];
        yield 'a North American one' => [
            '4/0 al 15kv concentric', ['voltage' => ['15 kV'], 'size' => ['4/0 AWG'], 'screen' => ['concentric-neutral'], ...$al],
        ];
        yield 'the old name of kcmil' => ['500 mcm', ['size' => ['500 kcmil']]];
        yield 'paper and lead' => ['pilc', ['insulation' => ['paper']]];
        yield 'a shape' => ['sector', ['shape' => ['sector']]];
        yield 'wires are of the screen' => ['copper wires', ['screen' => ['copper-wire']]];
        yield 'and the metal beside them of the conductor' => ['95 al cu wire', ['screen' => ['copper-wire'], ...$al, 'number' => ['95']]];
        yield 'cores and size at once' => ['3x95', ['cores' => ['3'], 'number' => ['95']]];
        yield 'cores and size with its unit' => ['3 × 95 mm²', ['cores' => ['3'], 'size' => ['95 mm²']]];
        yield 'a voltage in full' => ['12/20 kV', ['voltage' => ['12/20 (24) kV']]];
        yield 'a voltage of two readings' => ['12 kv', ['number' => ['12']]];
        yield 'armour' => ['3x185 swa', ['cores' => ['3'], 'armour' => ['steel-wire'], 'number' => ['185']]];
        yield 'a word nobody knows' => ['drum-7', ['word' => ['drum-7']]];
        yield 'signs of databases' => ['%_\\ al', [...$al, 'word' => ['%_\\']]];
        yield 'nothing' => ['  ', []];
    }

    /** @param array<string, list<string>> $asks */
    #[Test]
    #[DataProvider('typed')]
    public function whatIsTypedIsAskedOfTheCable(string $text, array $asks): void
    {
        $search = CableSearch::of($text);
        $found = [];
        foreach ($search->wanted as $wanted) {
            $found[$wanted->facet->value] = $wanted->values;
        }
        $found += array_filter(
            ['number' => array_map(strval(...), $search->numbers), 'word' => $search->words], static fn (array $list): bool => [] !== $list,
        );
        self::assertEquals($asks, $found);
    }
}
