<?php

declare(strict_types=1);

namespace App\Paper;

use Berm\Core\Cable\End;
use Berm\Core\File\BadDocument;
use Berm\Core\File\Fields;
use Berm\Core\MarkOut\Datum;
use Berm\Core\Quantity\LengthUnit;

/** How somebody wants a paper: in which units and words, on which sheet, of which end, measured from where. */
final readonly class Asked
{
    private function __construct(
        public LengthUnit $unit,
        public PaperSize $paper,
        /** Null: of each end. */
        public ?End $end,
        public Datum $from,
        /** Plain stretches that are longer are left out of a strip, in mm; 0: none is. */
        public int $plain,
        /** The first free label of a sheet, from 1. */
        public int $first,
        public int $copies,
    ) {
    }

    /**
     * @param array<string, string> $given by key
     *
     * @throws BadDocument naming every key that cannot be taken
     */
    public static function of(array $given, LengthUnit $unit): self
    {
        // What stands in an address, or on a command line, is text: a number of it is read as one.
        $read = array_map(static fn (string $text): int|string => 1 === preg_match('/^\d{1,6}$/', $text) ? (int) $text : $text, $given);

        return Fields::read($read, static function (Fields $asked) use ($unit): self {
            $unit = $asked->has('unit') ? $asked->choice('unit', LengthUnit::class) : $unit;
            $number = static fn (string $key, int $least, int $most, int $else): int => $asked->has($key)
                ? $asked->integer($key, $least, $most) : $else;

            return new self(
                $unit, $asked->has('paper') ? $asked->choice('paper', PaperSize::class) : PaperSize::of($unit),
                $asked->has('end') ? $asked->choice('end', End::class) : null,
                $asked->has('from') ? $asked->choice('from', Datum::class) : Datum::CableEnd,
                $number('plain', 0, 2000, 160), $number('first', 1, 60, 1), $number('copies', 1, 60, 1),
            );
        });
    }
}
