<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Quantity\Torque;
use Berm\Core\Tool\Tool;
use Berm\Core\Tool\ToolKind;

/** Tools as open files: a press with its dies, or a wrench with its range. */
final class ToolFile
{
    public static function read(Fields $file): Tool
    {
        $id = $file->text('id', 40);
        $kind = $file->kind('kind', ToolKind::class);
        [$name, $serial, $until] = [$file->text('name', 80), $file->optionalText('serial', 40), DayFile::read($file, 'calibratedUntil')];
        if (ToolKind::CrimpPress === $kind) {
            return Tool::press($id, $name, $serial, $file->texts('dies', 60), $until);
        }
        $standIn = Torque::standIn();

        return Tool::wrench(
            $id,
            $name,
            $serial,
            $file->parsed('least', Torque::parse(...), $standIn),
            $file->parsed('most', Torque::parse(...), $standIn),
            $until,
        );
    }

    /** @return array<string, mixed> */
    public static function write(Tool $tool): array
    {
        return [
            'id' => $tool->id, 'kind' => $tool->kind->value, 'name' => $tool->name, 'serial' => $tool->serial,
            ...(ToolKind::CrimpPress === $tool->kind ? ['dies' => $tool->dies] : [
                'least' => $tool->least?->toText(), 'most' => $tool->most?->toText(),
            ]),
            ...DayFile::write('calibratedUntil', $tool->calibratedUntil),
        ];
    }
}
