<?php

declare(strict_types=1);

namespace App\Persistence;

use App\UseCase\Skeletons;
use Berm\Core\Writing\Skeleton;

/**
 * The demo has a sheet of each of the trade's kinds of accessory, and demo/coverage says of which kind: skeletons are made of these.
 *
 * @phpstan-import-type Document from Skeleton
 */
final class ShippedSkeletons implements Skeletons
{
    /** @var array<string, string>|null ids of sheets by ids of skeletons */
    private ?array $sheets = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function all(): array
    {
        $all = [];
        foreach (array_keys($this->sheets()) as $id) {
            $sheet = $this->like($id) ?? [];
            $all[] = [
                'id' => $id, 'title' => Skeleton::titleOf($sheet), 'function' => self::text($sheet, 'function'),
                'technology' => self::text($sheet, 'technology'), 'cores' => 3 === ($sheet['cores'] ?? 1) ? 3 : 1,
            ];
        }

        return $all;
    }

    public function find(string $id): ?array
    {
        $like = $this->like($id);

        return null === $like ? null : Skeleton::ofSheet($like, $id);
    }

    public function like(string $id): ?array
    {
        $sheet = $this->sheets()[$id] ?? null;

        return null === $sheet ? null : self::read("$this->folder/kits/$sheet.json");
    }

    /** @return array<string, string> */
    private function sheets(): array
    {
        if (null !== $this->sheets) {
            return $this->sheets;
        }
        $sheets = [];
        foreach ((array) glob("$this->folder/coverage/*.json") as $path) {
            $kind = self::read((string) $path);
            $system = $kind['system'] ?? null;
            if (\is_int($system)) {
                $sheets['kind-'.str_pad((string) $system, 2, '0', \STR_PAD_LEFT)] = self::text($kind, 'sheet');
            }
        }
        ksort($sheets);

        return $this->sheets = $sheets;
    }

    /** @return array<mixed> */
    private static function read(string $path): array
    {
        $json = json_decode((string) file_get_contents($path), true, 64, \JSON_THROW_ON_ERROR);

        return \is_array($json) ? $json : [];
    }

    /** @param array<mixed> $of */
    private static function text(array $of, string $key): string
    {
        return \is_string($of[$key] ?? null) ? $of[$key] : '';
    }
}
