<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\NotAsked;
use Berm\Core\Quantity\Length;

/** What was said on a job of what its sheet asks, in open files: {"outside_earth": "A", "reach": "850 mm"}. */
final class SaidFile
{
    /** @return array<string, string|Length> what no longer fits the sheet is a fault; without a sheet nothing is asked */
    public static function read(Fields $file, ?KitSheet $sheet): array
    {
        return Fields::got($file->object('said', static function (Fields $said) use ($sheet): array {
            $read = [];
            foreach ($sheet->asked ?? [] as $asked) {
                if (!$said->has($asked->key)) {
                    continue;
                }
                try {
                    $read[$asked->key] = $asked->read($said->text($asked->key, 40));
                } catch (NotAsked $refused) {
                    $said->problem($asked->key, $refused->getMessage());
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
            try {
                $value = ($sheet->asked[$key] ?? null)?->read($text);
                $said = null === $value ? $said : [...$said, $key => $value];
            } catch (NotAsked) {
                continue;
            }
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
}
