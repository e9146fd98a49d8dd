<?php

declare(strict_types=1);

namespace Berm\Core\Fit;

use Berm\Core\Build\Done;
use Berm\Core\Build\Event\ToolTaken;
use Berm\Core\Check\TorqueWithin;
use Berm\Core\Connector\Barrel;
use Berm\Core\Connector\Connector;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Quantity\Torque;
use Berm\Core\Saying\Sentence;
use Berm\Core\Tool\Tool;
use Berm\Core\Tool\ToolKind;

/** Has the press the die that the connector asks for, does the wrench reach the torques of the work, and are they calibrated? */
final class ToolFit
{
    /** @param list<Done<ToolTaken>> $taken */
    public static function judge(Connector $connector, ?KitSheet $sheet, array $taken): FitReport
    {
        $tools = array_map(static fn (Done $done): Tool => $done->event->tool, $taken);
        $presses = self::ofKind($tools, ToolKind::CrimpPress);
        $wrenches = self::ofKind($tools, ToolKind::TorqueWrench);

        return FitReport::of(
            ...self::die($connector, $presses),
            ...self::torques($sheet, $wrenches),
            ...array_map(static fn (Done $done): Finding => self::calibration($done->event->tool, $done->entry->doneAt()), $taken),
        );
    }

    /** One tool by itself; null where the work asks for none of its kind. */
    public static function alone(Connector $connector, ?KitSheet $sheet, Tool $tool, \DateTimeImmutable $today): ?FitReport
    {
        $own = match ($tool->kind) {
            ToolKind::CrimpPress => self::die($connector, [$tool]),
            ToolKind::TorqueWrench => self::torques($sheet, [$tool]),
        };

        return [] === $own ? null : FitReport::of(...$own, ...[self::calibration($tool, $today)]);
    }

    /**
     * @param list<Tool> $tools
     *
     * @return list<Tool>
     */
    private static function ofKind(array $tools, ToolKind $kind): array
    {
        return array_values(array_filter($tools, static fn (Tool $tool): bool => $kind === $tool->kind));
    }

    /**
     * @param list<Tool> $presses
     *
     * @return list<Finding>
     */
    private static function die(Connector $connector, array $presses): array
    {
        $dies = array_unique(array_map(static fn (Barrel $barrel): string => $barrel->crimps->die ?? '', $connector->barrels->all()));

        return array_map(static fn (string $die): Finding => self::oneDie($die, $presses), array_values(array_diff($dies, [''])));
    }

    /** @param list<Tool> $presses */
    private static function oneDie(string $die, array $presses): Finding
    {
        $has = array_values(array_filter($presses, static fn (Tool $press): bool => $press->hasDie($die)));

        return match (true) {
            [] !== $has => Finding::fits(
                Criterion::Die, null, Sentence::of('{press} has the die {die}.', ['press' => $has[0]->name, 'die' => $die]),
            ),
            [] === $presses => Finding::undecided(
                Criterion::Die, null, Sentence::of('No press is named for this job yet: it needs the die {die}.', ['die' => $die]),
            )->asWarning(),
            default => Finding::refused(
                Criterion::Die,
                null,
                Sentence::of(
                    '{press} has no die {die}: it has {dies}.',
                    ['press' => $presses[0]->name, 'die' => $die, 'dies' => implode('; ', $presses[0]->dies)],
                ),
            ),
        };
    }

    /**
     * @param list<Tool> $wrenches
     *
     * @return list<Finding>
     */
    private static function torques(?KitSheet $sheet, array $wrenches): array
    {
        $findings = [];
        foreach ($sheet->stages ?? [] as $stage) {
            foreach ($stage->checks as $check) {
                if ($check->question instanceof TorqueWithin) {
                    $findings[] = self::torque($check->question, $wrenches);
                }
            }
        }

        return $findings;
    }

    /** @param list<Tool> $wrenches */
    private static function torque(TorqueWithin $asked, array $wrenches): Finding
    {
        $needed = implode(' to ', array_map(static fn (Torque $limit): string => $limit->inBothUnits(), $asked->bounds()));
        $isReached = static fn (Tool $wrench): bool => [] === array_filter(
            $asked->bounds(), static fn (Torque $limit): bool => !$wrench->reaches($limit),
        );
        $reaches = array_values(array_filter($wrenches, $isReached));
        $wrench = $wrenches[0] ?? null;

        return match (true) {
            [] !== $reaches => Finding::fits(
                Criterion::TorqueReach,
                null,
                Sentence::of('{wrench} reaches {needed}.', ['wrench' => $reaches[0]->name, 'needed' => $needed]),
            ),
            null === $wrench => Finding::undecided(
                Criterion::TorqueReach,
                null,
                Sentence::of('No torque wrench is named for this job yet: it needs {needed}.', ['needed' => $needed]),
            )->asWarning(),
            default => Finding::refused(
                Criterion::TorqueReach,
                null,
                Sentence::of(
                    '{wrench} goes from {least} to {most}; the work needs {needed}.',
                    [
                        'wrench' => $wrench->name,
                        'least' => $wrench->least?->inBothUnits() ?? '',
                        'most' => $wrench->most?->inBothUnits() ?? '',
                        'needed' => $needed,
                    ],
                ),
            ),
        };
    }

    private static function calibration(Tool $tool, \DateTimeImmutable $takenAt): Finding
    {
        $values = ['tool' => $tool->name, 'until' => $tool->calibratedUntil?->format('Y-m-d') ?? '', 'taken' => $takenAt->format('Y-m-d')];

        return match (true) {
            null === $tool->calibratedUntil => Finding::undecided(
                Criterion::Calibration, null, Sentence::of('Nobody has said until when {tool} is calibrated: look at its label.', $values),
            )->asWarning(),
            $tool->isOutOfCalibrationOn($takenAt) => Finding::refused(
                Criterion::Calibration,
                null,
                Sentence::of('The calibration of {tool} ran out on {until}: take another, or have it calibrated.', $values),
            ),
            default => Finding::fits(Criterion::Calibration, null, Sentence::of('{tool} is calibrated until {until}.', $values)),
        };
    }
}
