<?php

declare(strict_types=1);

namespace Berm\Core\Ranking;

use Berm\Core\Cable\End;
use Berm\Core\Fit\DiameterNeed;
use Berm\Core\Formula\Formula;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\Range;

/** One figure that a size asks, and the column it goes into. */
final readonly class Need
{
    public const CONNECTOR_DIAMETER = 'connector diameter';
    public const CONNECTOR_LENGTH = 'connector length';
    public const PASSES_CONNECTOR = 'passes connector';
    public const PASSES_PAD = 'passes pad';

    /** About the connector, not a cable. */
    public const OF_CONNECTOR = [self::CONNECTOR_DIAMETER, self::CONNECTOR_LENGTH, self::PASSES_CONNECTOR, self::PASSES_PAD];

    private function __construct(
        /** Null: about the connector, not a cable. */
        public ?Question $question,
        public string $column,
        public Range $range,
        /** Null: always. */
        public ?Formula $when,
    ) {
    }

    /** @return list<self> */
    public static function allOf(KitSheet $sheet, KitSize $size): array
    {
        $all = [
            new self(null, self::CONNECTOR_DIAMETER, $size->connectorDiameter, null),
            new self(null, self::CONNECTOR_LENGTH, $size->connectorLength, null),
        ];
        foreach ($sheet->parkedItems() as $item) {
            $bore = $size->expandedBore($item);
            $all = null === $bore ? $all : [...$all, new self(null, self::PASSES_CONNECTOR, Range::atMost($bore), $item->when)];
        }
        foreach ($sheet->itemsOverConnector() as $item) {
            $bore = $size->expandedBore($item);
            $all = null === $bore ? $all : [...$all, new self(null, self::PASSES_PAD, Range::atMost($bore), $item->when)];
        }
        foreach ($sheet->application->function->ends() as $end) {
            $all = [
                ...$all,
                ...array_map(static fn (DiameterNeed $need): self => self::diameter($need, $end), DiameterNeed::allOf($sheet, $size, $end)),
            ];
        }

        return $all;
    }

    private static function diameter(DiameterNeed $need, End $end): self
    {
        $question = Question::of($need, $end);

        return new self($question, $question->key(), $need->range, $need->when);
    }

    /**
     * @param array<string, Length> $dimensions of the size
     *
     * @return array<string, Length> those of them that its condition asks for
     */
    public function asksFor(array $dimensions): array
    {
        return null === $this->when ? [] : array_intersect_key($dimensions, array_flip($this->when->names()));
    }
}
