<?php

declare(strict_types=1);

namespace App\UseCase;

use Berm\Core\File\AsFoundFile;
use Berm\Core\File\Fields;
use Berm\Core\File\ReadingFile;
use Berm\Core\File\RevisionFile;
use Berm\Core\File\SiteFile;
use Berm\Core\File\WeatherFile;
use Berm\Core\Kit\AccessoryFunction;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Quantity\Reading;
use Berm\Core\Revision;

/** Plans as JSON: the same form on the wire, in the database and in the demo's files. */
final class PlanDraftFile
{
    private const MOST_SAID = 20;

    public static function read(Fields $file, AccessoryFunction $function): PlanDraft
    {
        $unit = $file->choice('unit', LengthUnit::class);
        $ends = $file->object('ends', static function (Fields $fields) use ($function): array {
            $ends = [];
            foreach ($function->ends() as $end) {
                $draft = $fields->optionalObject($end->value, self::readEnd(...));
                $ends = null === $draft ? $ends : [...$ends, $end->value => $draft];
            }

            return $ends;
        });
        $kit = $file->optionalObject('kit', static fn (Fields $kit): array => [RevisionFile::read($kit), $kit->text('size', 40)]);
        $connector = $file->optionalObject('connector', RevisionFile::read(...));

        return new PlanDraft(
            $unit, Fields::got($ends), $kit[0] ?? null, $kit[1] ?? '', $connector, SiteFile::read($file), self::readSaid($file),
        );
    }

    /** @return array<string, mixed> */
    public static function write(PlanDraft $draft): array
    {
        return [
            'unit' => $draft->unit->value,
            'ends' => (object) array_map(static fn (EndDraft $end): array => [
                'cable' => self::pinned($end->cable),
                ...AsFoundFile::write($end->asFound),
                'freeLength' => $end->freeLength instanceof Reading ? ReadingFile::write($end->freeLength) : null,
            ], $draft->ends),
            'kit' => null === $draft->kit ? null : [...RevisionFile::write($draft->kit), 'size' => $draft->kitSize],
            'connector' => self::pinned($draft->connector),
            'weather' => (object) WeatherFile::write($draft->site->weather),
            'place' => $draft->site->place?->value,
            'mounting' => $draft->site->mounting?->value,
            'outageEnds' => $draft->site->outageEndsAt?->format(\DATE_ATOM),
            'said' => (object) $draft->said,
        ];
    }

    /** @return array<string, string> */
    private static function readSaid(Fields $file): array
    {
        $keys = $file->keys('said');
        if (\count($keys) > self::MOST_SAID) {
            $file->problem('said', \sprintf('says more than any sheet asks: at most %d.', self::MOST_SAID));
        }

        return $file->optionalObject('said', static function (Fields $said) use ($keys): array {
            $texts = [];
            foreach (\array_slice($keys, 0, self::MOST_SAID) as $key) {
                $texts[$key] = $said->text($key, 40);
            }

            return $texts;
        }) ?? [];
    }

    private static function readEnd(Fields $file): EndDraft
    {
        $cable = $file->optionalObject('cable', RevisionFile::read(...));
        $asFound = AsFoundFile::read($file);
        $freeLength = $file->optionalObject('freeLength', ReadingFile::read(...));

        return new EndDraft($cable, $asFound, $freeLength);
    }

    /** @return array{id: string, revision: int}|null */
    private static function pinned(?Revision $revision): ?array
    {
        return null === $revision ? null : RevisionFile::write($revision);
    }
}
