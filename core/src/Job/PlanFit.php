<?php

declare(strict_types=1);

namespace Berm\Core\Job;

use Berm\Core\Build\BuildState;
use Berm\Core\Fit\Criterion;
use Berm\Core\Fit\Finding;
use Berm\Core\Fit\FitReport;
use Berm\Core\Fit\Outcome;
use Berm\Core\Kit\Asked;
use Berm\Core\Kit\KitSheet;
use Berm\Core\Margin\Proof;
use Berm\Core\Place\Register;
use Berm\Core\Saying\Sentence;
use Berm\Core\Section\Ruling;

/** Can a size be planned on these cables with this connector, and does every rule hold then? Without this nothing fits. */
final readonly class PlanFit
{
    private function __construct(private Job $job, private ?KitSheet $sheet, private BuildState $build)
    {
    }

    /**
     * @param KitSheet|null  $sheet     as it stands for the job
     * @param FitReport      $kit       of the kit by itself
     * @param FitReport|null $connector null while none is chosen
     *
     * @return FitReport without findings where the kit by itself does not fit, or nobody can tell
     */
    public static function judge(
        Job $job, ?KitSheet $sheet, BuildState $build, FitReport $kit, ?FitReport $connector, Layout $layout,
    ): FitReport {
        if (!$kit->outcome()->lets()) {
            return FitReport::of();
        }
        $fit = new self($job, $sheet, $build);
        $missing = [...$fit->connectorMissing($connector), ...$fit->unsaid()];

        return FitReport::of(...[] !== $missing ? $missing : $fit->planned($layout));
    }

    /** @return list<Finding> */
    private function connectorMissing(?FitReport $connector): array
    {
        $name = $this->job->function->connectorKind()->label();
        $worst = $connector?->worst();

        return match (true) {
            null === $connector => [Finding::undecided(Criterion::Planned, null, Sentence::plain(
                "No $name is chosen: where everything will lie rests on it. Choose it, or take both.",
            ))],
            null === $worst, $worst->outcome->lets() => [],
            Outcome::CannotTell === $worst->outcome => [Finding::undecided(Criterion::Planned, $worst->end, Sentence::of(
                "Nobody can tell with the $name that is chosen: {reason}", ['reason' => $worst->reason],
            ))],
            default => [Finding::refused(
                Criterion::Planned, $worst->end, Sentence::of("Not with the $name that is chosen: {reason}", ['reason' => $worst->reason]),
            )],
        };
    }

    /** @return list<Finding> what the sheet has to be told first */
    private function unsaid(): array
    {
        $said = $this->sheet?->said($this->job->said) ?? [];
        $open = array_filter($this->sheet->asked ?? [], static fn (Asked $asked): bool => !isset($said[$asked->key]));

        return array_values(array_map(static fn (Asked $asked): Finding => Finding::undecided(
            Criterion::Asked, null, Sentence::of('Say first: {what}.', ['what' => Sentence::plain(lcfirst($asked->name))]),
        ), $open));
    }

    /** @return list<Finding> */
    private function planned(Layout $layout): array
    {
        $against = $this->against($layout);

        return [] !== $against ? $against : [...$this->doubts($layout), $this->worked($layout)];
    }

    /** @return list<Finding> what stands in the way; a rule that is short on several cores of an end but once */
    private function against(Layout $layout): array
    {
        /** @var Register<true> $said */
        $said = Register::empty();
        $findings = [];
        foreach (Obstacles::ofLayout($this->job, $this->build, $layout) as $obstacle) {
            $criterion = self::criterion($obstacle->code);
            $place = $obstacle->acceptable?->ruling?->onWhicheverCore();
            if (null === $criterion || null !== $place && null !== $said->at($place)) {
                continue;
            }
            $said = null === $place ? $said : $said->with($place, true);
            $findings[] = Finding::refused($criterion, null, $obstacle->reason);
        }

        return $findings;
    }

    /** Null of what does not speak against the size: room in the trench that nobody has measured yet. */
    private static function criterion(ObstacleCode $code): ?Criterion
    {
        return match ($code) {
            ObstacleCode::CannotBeMarkedOut => Criterion::Planned,
            ObstacleCode::RoomShort => Criterion::ParkingRoom,
            ObstacleCode::LapShort => Criterion::Rule,
            ObstacleCode::MaterialShort => Criterion::BoxContents,
            default => null,
        };
    }

    /** @return list<Finding> rules that hold unless much comes together, and that nobody has let stand */
    private function doubts(Layout $layout): array
    {
        /** @var Register<Finding> $findings */
        $findings = Register::empty();
        foreach ($layout->rulings as $ruling) {
            $place = $ruling->place->onWhicheverCore();
            if ($ruling->isBinding && Proof::Proved !== $ruling->proof() && null === $this->build->acceptanceOf($ruling)
                && null === $findings->at($place)) {
                $findings = $findings->with($place, Finding::unproved(Criterion::Rule, null, $ruling->withWorst()));
            }
        }

        return $findings->all();
    }

    private function worked(Layout $layout): Finding
    {
        $held = array_filter(
            $layout->rulings, fn (Ruling $ruling): bool => $ruling->isBinding && null === $this->build->acceptanceOf($ruling),
        );

        return Finding::fits(Criterion::Planned, null, Sentence::of(
            1 === \count($held) ? 'All is worked out with this {connector}: {rules} rule holds.'
                : 'All is worked out with this {connector}: {rules} rules hold.',
            ['connector' => $this->job->function->connectorKind()->label(), 'rules' => \count($held)],
        ));
    }
}
