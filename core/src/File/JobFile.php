<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Build\Chain;
use Berm\Core\Build\Entry;
use Berm\Core\Cable\CableEnd;
use Berm\Core\Cable\End;
use Berm\Core\Job\Job;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Kit\KitSize;
use Berm\Core\Quantity\LengthUnit;

/** A job as one self-contained open file (docs/formats/job.md): enough to compute all of it again. */
final readonly class JobFile
{
    /** @param list<Entry> $log */
    public function __construct(
        public Job $job, public array $log, /** Of a record that was kept somewhere; null of a file that was written by hand. */
        public ?Chain $chain = null,
    ) {
    }

    public static function read(Fields $file): self
    {
        if ('berm/job/1' !== $file->text('format', 40)) {
            $file->problem('format', 'must be "berm/job/1".');
        }
        $name = $file->text('name', 120);
        $function = $file->choice('function', AccessoryFunction::class);
        $unit = $file->choice('unit', LengthUnit::class);
        $cables = $file->object('ends', static fn (Fields $ends): array => self::ends($ends, $function));
        $kit = $file->optionalObject('kit', self::kit(...));
        $connector = $file->optionalObject('connector', ConnectorFile::read(...));
        $site = SiteFile::read($file);
        $said = $file->has('said') ? SaidFile::read($file, $kit[0] ?? null) : [];
        $log = $file->list('log', LogFile::readEntry(...), 5000);
        $chain = $file->optionalObject('chain', static fn (Fields $fields): Chain => ChainFile::read($fields, $log));

        return new self(
            new Job($name, $function, $unit, Fields::got($cables), $kit[0] ?? null, $kit[1] ?? null, $connector, $site, $said), $log,
            $chain,
        );
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        $job = $this->job;

        return [
            'format' => 'berm/job/1',
            'name' => $job->name,
            'function' => $job->function->value,
            'unit' => $job->unit->value,
            'ends' => (object) array_map(static fn (CableEnd $cable): array => [
                'cable' => CableTypeFile::write($cable->construction),
                ...AsFoundFile::write($cable->asFound),
                ...(null === $cable->freeLength ? [] : ['freeLength' => $cable->freeLength->toText()]),
            ], $job->cables),
            ...(null === $job->sheet || null === $job->size ? [] : ['kit' => [
                'sheet' => KitSheetFile::write($job->sheet), 'size' => $job->size->label,
            ]]),
            ...(null === $job->connector ? [] : ['connector' => ConnectorFile::write($job->connector)]),
            ...SiteFile::write($job->site),
            ...([] === $job->said ? [] : ['said' => SaidFile::write($job->said)]),
            'log' => array_map(LogFile::writeEntry(...), $this->log),
            ...(null === $this->chain ? [] : ['chain' => ChainFile::write($this->chain, $this->log)]),
        ];
    }

    /** @return array<string, CableEnd> */
    private static function ends(Fields $file, AccessoryFunction $function): array
    {
        $cables = [];
        foreach ($function->ends() as $end) {
            $cable = $file->optionalObject($end->value, static fn (Fields $fields): CableEnd => self::end($fields, $end));
            $cables = null === $cable ? $cables : [...$cables, $end->value => $cable];
        }

        return $cables;
    }

    private static function end(Fields $file, End $end): CableEnd
    {
        $cable = $file->object('cable', CableTypeFile::read(...));
        $asFound = AsFoundFile::read($file);

        return new CableEnd($end, Fields::got($cable), $asFound, $file->optionalLength('freeLength'));
    }

    /** @return array{KitSheet, KitSize} */
    private static function kit(Fields $file): array
    {
        $sheet = $file->object('sheet', KitSheetFile::read(...));
        $label = $file->text('size', 40);
        $size = Fields::got($sheet)->sizes[$label] ?? null;
        if (null === $size) {
            $file->problem(
                'size', \sprintf('is not a size of this sheet: it has %s.', implode(', ', array_keys(Fields::got($sheet)->sizes))),
            );
        }

        return [Fields::got($sheet), Fields::got($size)];
    }
}
