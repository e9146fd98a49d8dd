<?php

declare(strict_types=1);

namespace App\Hand;

use App\UseCase\KeptTool;
use App\UseCase\PlanDraft;
use App\UseCase\PlanDraftFile;
use App\UseCase\StoredEntry;
use App\UseCase\StoredJob;
use App\UseCase\Who;
use Berm\Core\Build\Writer;
use Berm\Core\Cable\Construction;
use Berm\Core\Connector\Connector;
use Berm\Core\File\BoxFile;
use Berm\Core\File\CableTypeFile;
use Berm\Core\File\ConnectorFile;
use Berm\Core\File\Fields;
use Berm\Core\File\KitSheetFile;
use Berm\Core\File\LogFile;
use Berm\Core\File\MomentFile;
use Berm\Core\File\RevisionFile;
use Berm\Core\File\ToolFile;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;

/** A package as JSON: docs/formats/package.md. */
final class PackageFile
{
    public const FORMAT = 'berm/package/1';
    private const LONGEST_BODY = 200_000;

    /** @return array<string, mixed> */
    public static function write(Package $package): array
    {
        $job = $package->job;

        return [
            'format' => self::FORMAT,
            'at' => MomentFile::write($package->at),
            'who' => self::writeWho($package->who),
            'theirs' => $package->isTheirs,
            'crew' => $package->crew,
            'job' => self::writeJob($job),
            'seals' => $package->seals,
            'log' => array_map(self::writeLine(...), $job->log),
            'cables' => array_map(CableTypeFile::write(...), $package->sheets->cables->all()),
            'kits' => array_map(KitSheetFile::write(...), $package->sheets->kits->all()),
            'connectors' => array_map(ConnectorFile::write(...), $package->sheets->connectors->all()),
            'withdrawn' => array_map(
                static fn (array $one): array => [...RevisionFile::write($one['revision']), 'why' => $one['why']],
                $package->sheets->withdrawn,
            ),
            'unchecked' => array_map(RevisionFile::write(...), $package->sheets->unchecked),
            'boxes' => array_map(BoxFile::write(...), $package->stores->boxes),
            'tools' => array_map(
                static fn (KeptTool $kept): array => [...ToolFile::write($kept->tool), 'version' => $kept->version],
                $package->stores->tools,
            ),
        ];
    }

    public static function read(Fields $file): Package
    {
        if (self::FORMAT !== $file->text('format', 40)) {
            $file->problem('format', 'is of another version of Berm: take the job along anew, where there is a signal.');
        }

        return new Package(
            MomentFile::read($file, 'at'), Fields::got($file->object('who', self::readWho(...))), $file->flag('theirs'),
            $file->texts('crew', 200), self::readJob($file), self::readSheets($file), self::readStores($file),
            $file->optionalText('seals', 10_000),
        );
    }

    /** @return array<string, mixed> */
    public static function writeGrowth(Growth $growth): array
    {
        return ['job' => self::writeJob($growth->job), 'log' => array_map(self::writeLine(...), $growth->lines)];
    }

    public static function readGrowth(Fields $file): Growth
    {
        return Growth::kept(self::readJob($file));
    }

    /** @return array<string, mixed> */
    private static function writeJob(StoredJob $job): array
    {
        return [
            'id' => $job->id, 'name' => $job->name, 'function' => $job->function->value, 'version' => $job->version,
            'changedAt' => MomentFile::write($job->changedAt), 'plan' => PlanDraftFile::write($job->draft),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeLine(StoredEntry $line): array
    {
        return [
            'sequence' => $line->sequence, 'hash' => $line->hash, 'format' => $line->format, 'sheets' => $line->sheets,
            'body' => $line->body,
        ];
    }

    /** @return array{id: string, name: string, writes: list<string>} */
    private static function writeWho(Who $who): array
    {
        $writes = array_filter(Writer::cases(), $who->mayWriteAs(...));

        return ['id' => $who->id, 'name' => $who->name, 'writes' => array_values(array_map(
            static fn (Writer $writer): string => $writer->value, $writes,
        ))];
    }

    private static function readWho(Fields $who): Who
    {
        return new Who($who->text('id', 80), $who->text('name', 120), array_map(
            static fn (string $writer): Writer => Writer::from($writer), $who->texts('writes', 20),
        ));
    }

    private static function readJob(Fields $file): StoredJob
    {
        $log = $file->list('log', self::readLine(...), 5_000);

        return Fields::got($file->object('job', static function (Fields $job) use ($log): StoredJob {
            $function = $job->choice('function', AccessoryFunction::class);
            $draft = $job->object('plan', static fn (Fields $plan): PlanDraft => PlanDraftFile::read($plan, $function));

            return new StoredJob(
                $job->text('id', 40), $job->text('name', 120), $function, Fields::got($draft), $job->integer('version', 1, 1_000_000), $log,
                MomentFile::read($job, 'changedAt'),
            );
        }));
    }

    private static function readLine(Fields $line): StoredEntry
    {
        $body = $line->text('body', self::LONGEST_BODY);

        return StoredEntry::kept(
            Fields::readText($body, LogFile::readEntry(...)), $line->integer('sequence', 1, 1_000_000), $line->text('hash', 64),
            $line->integer('format', 1, 100), $line->optionalText('sheets', 10_000), $body,
        );
    }

    private static function readSheets(Fields $file): CarriedSheets
    {
        return new CarriedSheets(
            self::pile($file, 'cables', static fn (Fields $cable): Construction => CableTypeFile::read($cable)),
            self::pile($file, 'kits', static fn (Fields $kit): KitSheet => KitSheetFile::read($kit)),
            self::pile($file, 'connectors', static fn (Fields $connector): Connector => ConnectorFile::read($connector)),
            $file->list('withdrawn', static fn (Fields $one): array => [
                'revision' => RevisionFile::read($one), 'why' => $one->text('why', 400),
            ]),
            $file->list('unchecked', RevisionFile::read(...)),
        );
    }

    /** A package of before they were carried has none. */
    private static function readStores(Fields $file): CarriedStores
    {
        return new CarriedStores(
            $file->has('boxes') ? $file->list('boxes', BoxFile::read(...)) : [],
            $file->has('tools') ? $file->list('tools', static fn (Fields $tool): KeptTool => new KeptTool(
                ToolFile::read($tool), $tool->integer('version', 1, 1_000_000),
            )) : [],
        );
    }

    /**
     * @template T of Construction|KitSheet|Connector
     *
     * @param callable(Fields): T $read
     *
     * @return Pile<T>
     */
    private static function pile(Fields $file, string $key, callable $read): Pile
    {
        $sheets = $file->list($key, static fn (Fields $sheet): array => [RevisionFile::read($sheet), $sheet->later($read)]);

        return Pile::unread(array_column($sheets, 0), array_column($sheets, 1));
    }
}
