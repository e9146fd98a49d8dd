<?php

declare(strict_types=1);

namespace Berm\Core\Tests;

use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\Construction;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\Standard\Library;
use Berm\Core\Connector\Connector;
use Berm\Core\Connector\Fixing;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\JobFile;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Job\Job;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Prove\Corners;

/** The sheets of the demo, and jobs made from them on cables of the standards. */
final class Demo
{
    /** @var array<string, Construction> */
    private static array $library = [];

    /** @return list<KitSheet> */
    public static function kits(): array
    {
        return array_map(self::kit(...), self::names('kits'));
    }

    /** @return list<string> ids of the sheets of the second edition */
    public static function second(): array
    {
        return array_values(array_filter(self::names('kits'), static fn (string $name): bool => 2 === self::kit($name)->edition));
    }

    public static function kit(string $name): KitSheet
    {
        return Fields::readText(self::text("kits/$name"), KitSheetFile::read(...));
    }

    /** @return array<mixed> its open file */
    public static function kitJson(string $name): array
    {
        $json = json_decode(self::text("kits/$name"), true, 64, \JSON_THROW_ON_ERROR);

        return \is_array($json) ? $json : [];
    }

    /** @return list<Connector> */
    public static function connectors(): array
    {
        return array_map(self::connector(...), self::names('connectors'));
    }

    public static function connector(string $name): Connector
    {
        return Fields::readText(self::text("connectors/$name"), ConnectorFile::read(...));
    }

    /** @param array<string, string> $cables of the standards, by End value; every layer is read at its nominal diameter */
    public static function job(string $kit, string $size, string $connector, array $cables, string $place): Job
    {
        $sheet = self::kit($kit);
        $file = [
            'format' => 'berm/job/1', 'name' => $kit, 'function' => $sheet->application->function->value, 'unit' => 'mm', 'place' => $place,
            'ends' => array_map(self::end(...), $cables),
            'kit' => ['sheet' => KitSheetFile::write($sheet), 'size' => $size],
            'connector' => ConnectorFile::write(self::connector($connector)),
            'log' => [],
        ];

        return Fields::readText(json_encode($file, \JSON_THROW_ON_ERROR), JobFile::read(...))->job;
    }

    /**
     * @param array<string, string> $cables
     *
     * @return list<CableEnd>
     */
    public static function ends(array $cables): array
    {
        return array_values(self::job('quillon-straight-12', '2', 'brasswick-al-95', $cables, 'buried')->cables);
    }

    /** @return array<string, mixed> the cable as a job file has it */
    private static function end(string $cable): array
    {
        $construction = self::construction($cable);
        $readings = [];
        foreach ($construction->design->measurableLayers() as $layer) {
            $diameter = $construction->diameterOver($layer);
            $readings[$layer->value] = null === $diameter || LayerKind::ConductorScreen === $layer ? [] : [[
                'typed' => (string) $diameter->inMillimetres(), 'unit' => 'mm', 'instrument' => 'caliper',
            ]];
        }

        return ['cable' => CableTypeFile::write($construction), 'readings' => array_filter($readings), 'freeLength' => '4000 mm'];
    }

    private static function construction(string $id): Construction
    {
        if ([] === self::$library) {
            foreach (Library::all() as $construction) {
                self::$library[$construction->revision->id] = $construction;
            }
        }

        return self::$library[$id] ?? throw new \OutOfBoundsException("no cable $id");
    }

    /** @return list<string> */
    private static function names(string $folder): array
    {
        $files = glob(self::folder()."/$folder/*.json");

        return array_map(static fn (string $file): string => basename($file, '.json'), false === $files ? [] : $files);
    }

    /**
     * A job in the first corner of what a sheet takes: cables of its standards, a connector at the end of its range.
     *
     * @param array<string, mixed> $changes to the sheet, by path; the corner is that of the sheet as it is
     * @param Fixing|null          $fixing  of the connector; null: of whichever comes first
     */
    public static function corner(string $kit, array $changes = [], ?Fixing $fixing = null): Job
    {
        $sheet = self::kit($kit);
        $changed = [] === $changes ? $sheet : Fields::readText(self::changed("kits/$kit", $changes), KitSheetFile::read(...));
        foreach ($sheet->sizes as $label => $size) {
            foreach ((new Corners($sheet))->ofSize($size) as $corner) {
                if (null === $fixing || $fixing === $corner->job->connector?->fixing) {
                    return $corner->job->withKit($changed, $changed->sizes[$label]);
                }
            }
        }
        throw new \OutOfBoundsException("$kit takes no cable");
    }

    /**
     * One of its files with other values at some of its places, such as "items.10.hand".
     *
     * @param array<string, mixed> $changes by path
     */
    public static function changed(string $name, array $changes): string
    {
        $file = json_decode(self::text($name), true, 64, \JSON_THROW_ON_ERROR);
        foreach ($changes as $path => $value) {
            $place = &$file;
            foreach (explode('.', $path) as $key) {
                \assert(\is_array($place));
                $place = &$place[$key];
            }
            $place = $value;
            unset($place);
        }

        return json_encode($file, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    public static function text(string $name): string
    {
        return (string) file_get_contents(self::folder()."/$name.json");
    }

    private static function folder(): string
    {
        return \dirname(__DIR__, 2).'/demo';
    }
}
