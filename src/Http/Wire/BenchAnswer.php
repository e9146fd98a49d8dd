<?php

declare(strict_types=1);

namespace App\Http\Wire;

use App\UseCase\NoSuchTool;
use Berm\Core\Bench\Bench;
use Berm\Core\Bench\OutOfBench;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Wire\BenchJson;

/** What is answered of the bench: by the server, and by the engine in the hand. */
final class BenchAnswer
{
    /** @return array<string, mixed> every tool, with what it asks */
    public static function all(): array
    {
        return ['tools' => array_map(BenchJson::tool(...), array_values(Bench::tools()))];
    }

    /**
     * @param array<mixed> $query what its address says: `unit`, and what the tool asks
     *
     * @return array<string, mixed> what it comes to
     *
     * @throws NoSuchTool|OutOfBench
     */
    public static function of(string $tool, array $query): array
    {
        $found = Bench::tools()[$tool] ?? throw NoSuchTool::withKey($tool);
        $given = [];
        foreach ($query as $key => $value) {
            $given[(string) $key] = \is_string($value) ? $value : '';
        }
        $unit = LengthUnit::tryFrom($given['unit'] ?? '') ?? LengthUnit::Millimetre;
        unset($given['unit']);

        return BenchJson::outcome($found->work($given, $unit));
    }
}
