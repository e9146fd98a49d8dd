<?php

/**
 * Ten thousand made-up kit sizes and five hundred connectors in a database: loads them, or asks them with plain SQL.   usage:
 * bench-ranking.php load | query
 */

declare(strict_types=1);

use Berm\Core\Conductor\ConductorSize;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\Kit\AccessoryFunction;

require dirname(__DIR__).'/vendor/autoload.php';
require_once dirname(__DIR__).'/core/bench/lib.php';
require_once dirname(__DIR__).'/core/bench/catalogue.php';

$url = parse_url((string) getenv('BERM_OWNER_URL'));
$pdo = new PDO(
    sprintf('pgsql:host=%s;port=%d;dbname=%s', $url['host'], $url['port'], ltrim($url['path'], '/')),
    urldecode($url['user']),
    urldecode($url['pass'] ?? ''),
    [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
);
('load' === ($argv[1] ?? '') ? load(...) : query(...))($pdo);

function load(PDO $pdo): void
{
    $sheet = $pdo->prepare(
        "INSERT INTO sheet (kind, sheet_id, revision, title, body, added_by, added_at, added_by_id, digest)
         VALUES (?, ?, ?, ?, ?, 'bench', now(), 'berm', repeat('0', 64))",
    );
    $pdo->exec(
        'CREATE TABLE bench_size (joint bool, volts int, conductor_min float, conductor_max float, insulation_min bigint, insulation_max bigint, oversheath_min bigint, oversheath_max bigint, diameter_min bigint, diameter_max bigint, length_min bigint, length_max bigint, passes bigint, insulations text[], screens text[], places text[], armours text[], cores int)',
    );
    $pdo->exec(
        'CREATE TABLE bench_connector (joint bool, conductor_min float, conductor_max float, bore bigint, diameter bigint, length bigint, materials text[])',
    );
    $size = $pdo->prepare('INSERT INTO bench_size VALUES ('.implode(', ', array_fill(0, 18, '?')).')');
    $pdo->beginTransaction();
    foreach (manyKits(1000, 10) as $file) {
        $kit = Fields::read($file, KitSheetFile::read(...));
        $sheet->execute(['kit', $kit->revision->id, $kit->revision->number, $kit->name, json_encode($file, JSON_THROW_ON_ERROR)]);
        foreach ($kit->sizes as $one) {
            $size->execute(columns($kit, $one));
        }
    }
    $connector = $pdo->prepare('INSERT INTO bench_connector VALUES (?, ?, ?, ?, ?, ?, ?)');
    foreach (manyConnectors(500) as $file) {
        $one = Fields::read($file, ConnectorFile::read(...));
        $sheet->execute(['connector', $one->revision->id, $one->revision->number, $one->name, json_encode($file, JSON_THROW_ON_ERROR)]);
        $barrel = $one->barrels->first;
        $connector->execute([
            (int) ('joint-connector' === $one->kind->value), $barrel->sizes->min->area, $barrel->sizes->max->area,
            $barrel->bore->nanometres,
            $one->diameter->nanometres, $one->length->nanometres, texts($barrel->materials),
        ]);
    }
    $pdo->commit();
    $pdo->exec(
        'CREATE INDEX ON bench_size (insulation_min, insulation_max); CREATE INDEX ON bench_connector (conductor_min, conductor_max); ANALYZE bench_size; ANALYZE bench_connector; ANALYZE sheet',
    );
}

/** @return list<mixed> */
function columns(Berm\Core\Kit\KitSheet $kit, Berm\Core\Kit\KitSize $size): array
{
    $takes = $size->takes(Berm\Core\Cable\End::A);
    $kinds = $kit->takes(Berm\Core\Cable\End::A);
    $bores = array_values(array_filter(
        array_map(static fn ($item): ?int => $size->expandedBore($item)?->nanometres, $kit->parkedItems()),
        static fn (?int $bore): bool => null !== $bore,
    ));

    return [
        (int) (AccessoryFunction::Joint === $kit->application->function), $kit->voltageOf($size)->highestVolts,
        $takes->conductors->min->area, $takes->conductors->max->area,
        $takes->insulation->min->nanometres
            ?? 0, $takes->insulation->max->nanometres
            ?? PHP_INT_MAX, $takes->oversheath->min->nanometres
            ?? 0, $takes->oversheath->max->nanometres
            ?? PHP_INT_MAX,
        $size->connectorDiameter->min->nanometres
            ?? 0, $size->connectorDiameter->max->nanometres
            ?? PHP_INT_MAX, $size->connectorLength->min->nanometres
            ?? 0, $size->connectorLength->max->nanometres
            ?? PHP_INT_MAX,
        [] === $bores
            ? PHP_INT_MAX
            : min($bores), texts($kinds->insulations), texts($kinds->screens), texts($kit->application->places), texts($kinds->armours),
        $kinds->cores->value,
    ];
}

/** @param list<BackedEnum> $cases */
function texts(array $cases): string
{
    return '{'.implode(',', array_map(static fn (BackedEnum $case): string => '"'.$case->value.'"', $cases)).'}';
}

/** The plain range query: what fits by figures and kinds; no margins of tubes, no uncertainty, no reasons. */
function query(PDO $pdo): void
{
    $statement = $pdo->prepare("SELECT k.*, c.*, LEAST(19500000 - insulation_min, insulation_max - 19500000, 25000000 - oversheath_min, oversheath_max - 25000000, c.diameter - diameter_min, diameter_max - c.diameter) AS margin, COUNT(*) OVER () AS pairs
        FROM bench_size k JOIN bench_connector c ON c.diameter BETWEEN k.diameter_min AND k.diameter_max AND c.diameter <= k.passes AND c.length BETWEEN k.length_min AND k.length_max
        WHERE k.joint AND c.joint AND k.cores = 1 AND k.volts >= 12000 AND :area BETWEEN k.conductor_min AND k.conductor_max AND 19500000 BETWEEN k.insulation_min AND k.insulation_max AND 25000000 BETWEEN k.oversheath_min AND k.oversheath_max AND k.passes >= 25000000
          AND 'xlpe' = ANY (k.insulations) AND 'copper-tape' = ANY (k.screens) AND 'none' = ANY (k.armours) AND (k.places = '{}' OR 'buried' = ANY (k.places))
          AND :area BETWEEN c.conductor_min AND c.conductor_max AND c.bore >= 11500000 AND 'aluminium' = ANY (c.materials)
        ORDER BY margin DESC LIMIT 20");
    $pairs = 0;
    measure('the plain SQL range query, first twenty pairs', 60, static function () use ($statement, &$pairs): void {
        $statement->execute(['area' => ConductorSize::ofSquareMillimetres(95)->area]);
        $pairs = $statement->fetchAll(PDO::FETCH_ASSOC)[0]['pairs'] ?? 0;
    });
    printf("(it finds %d pairs)\n", $pairs);
}
