<?php

declare(strict_types=1);

namespace App\Tests\Console;

use Berm\Core\Cable\InsulationMaterial;
use Berm\Core\Cable\LayerKind;
use Berm\Core\Cable\MetallicScreen;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\StockKind;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The published schemas say what the readers take. */
final class SchemaTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    #[Test]
    public function everyDemoSheetAndWhatIsWrittenOfItKeepsTheSchema(): void
    {
        // The other draft is half written.
        $files = [...(array) glob(self::ROOT.'/demo/kits/*.json'), self::ROOT.'/demo/drafts/quillon-straight-12.json'];
        self::assertGreaterThan(30, \count($files));
        foreach ($files as $file) {
            $text = (string) file_get_contents((string) $file);
            self::assertKept($text, basename((string) $file));
            self::assertKept(
                json_encode(KitSheetFile::write(Fields::readText($text, KitSheetFile::read(...))), \JSON_THROW_ON_ERROR),
                basename((string) $file).', written again',
            );
        }
    }

    #[Test]
    public function everyDemoConnectorAndWhatIsWrittenOfItKeepsTheSchema(): void
    {
        $files = glob(self::ROOT.'/demo/connectors/*.json');
        self::assertIsArray($files);
        self::assertNotEmpty($files);
        foreach ($files as $file) {
            $text = (string) file_get_contents($file);
            self::assertKept($text, basename($file), 'connector');
            self::assertKept(
                json_encode(ConnectorFile::write(Fields::readText($text, ConnectorFile::read(...))), \JSON_THROW_ON_ERROR),
                basename($file).', written again',
                'connector',
            );
        }
    }

    #[Test]
    public function theSchemaNamesWhatTheTradeHas(): void
    {
        self::assertSame(self::values(InsulationMaterial::cases()), self::enum('properties.insulations.items'));
        self::assertSame(self::values(MetallicScreen::cases()), self::enum('properties.metallicScreens.items'));
        self::assertSame(self::values(LayerKind::cases()), self::enum('$defs.layer'));
        self::assertSame(self::values(StockKind::cases()), self::enum('$defs.stock.properties.kind'));
    }

    /**
     * @param list<\BackedEnum> $cases
     *
     * @return list<int|string>
     */
    private static function values(array $cases): array
    {
        return array_map(static fn (\BackedEnum $case): int|string => $case->value, $cases);
    }

    private static function enum(string $path): mixed
    {
        $place = json_decode(self::schema(), true, 32, \JSON_THROW_ON_ERROR);
        foreach ([...explode('.', $path), 'enum'] as $key) {
            $place = \is_array($place) ? $place[$key] ?? null : null;
        }

        return $place;
    }

    private static function assertKept(string $json, string $what, string $format = 'kit-sheet'): void
    {
        $isFirst = 'kit-sheet' === $format && !str_contains($json, '"edition"');
        $schema = json_decode(self::schema($isFirst ? 'kit-sheet-1' : $format), false, 32, \JSON_THROW_ON_ERROR);
        self::assertIsObject($schema);
        $error = (new Validator())->validate(json_decode($json, false, 32, \JSON_THROW_ON_ERROR), $schema)->error();
        self::assertNull($error, null === $error ? '' : "$what: ".json_encode((new ErrorFormatter())->format($error)));
    }

    private static function schema(string $format = 'kit-sheet'): string
    {
        return (string) file_get_contents(self::ROOT."/docs/formats/$format.schema.json");
    }
}
