<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Kit\Asked;
use Berm\Core\Kit\AskedKind;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Quantity\Length;
use Berm\Core\Quantity\UnreadableLength;

/** What was said on a job of what its sheet asks, in open files: {"outside_earth": "A", "reach": "850 mm"}. */
final class SaidFile
{
    /** @return array<string, string|Length> what no longer fits the sheet is a fault; without a sheet nothing is asked */
    public static function read(Fields $file, ?KitSheet $sheet): array
    {
        return Fields::got($file->object('said', static function (Fields $said) use ($sheet): array {
            $read = [];
            foreach ($sheet->asked ?? [] as $asked) {
                if ($said->has($asked->key)) {
                    $read[$asked->key] = AskedKind::Length === $asked->kind ? self::length($said, $asked) : self::choice($said, $asked);
                }
            }

            return $read;
        }));
    }

    /**
     * Of what was kept as it was typed: what the sheet does not ask, or does not take, counts as not said.
     *
     * @param array<string, string> $texts by key
     *
     * @return array<string, string|Length>
     */
    public static function ofTexts(array $texts, KitSheet $sheet): array
    {
        $said = [];
        foreach ($texts as $key => $text) {
            $asked = $sheet->asked[$key] ?? null;
            if (null === $asked) {
                continue;
            }
            try {
                $value = AskedKind::Length === $asked->kind ? Length::parseWithUnit($text) : $text;
            } catch (UnreadableLength) {
                continue;
            }
            $isTaken = $value instanceof Length ? false !== $asked->window?->contains($value) : \in_array($value, $asked->values, true);
            $said = $isTaken ? [...$said, $key => $value] : $said;
        }

        return $said;
    }

    /**
     * @param array<string, string|Length> $said
     *
     * @return array<string, string>
     */
    public static function write(array $said): array
    {
        return array_map(static fn (string|Length $value): string => $value instanceof Length ? $value->toText() : $value, $said);
    }

    private static function length(Fields $said, Asked $asked): Length
    {
        $length = $said->length($asked->key);
        if (false === $asked->window?->contains($length)) {
            $said->problem($asked->key, \sprintf(
                'is out of what the sheet takes: %s to %s.', $asked->window->min?->toText(), $asked->window->max?->toText(),
            ));
        }

        return $length;
    }

    private static function choice(Fields $said, Asked $asked): string
    {
        $value = $said->text($asked->key, 40);
        if (!\in_array($value, $asked->values, true)) {
            $said->problem($asked->key, 'must be one of '.implode(', ', $asked->values).'.');
        }

        return $value;
    }
}
