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
use Berm\Core\Parking\ParkingSide;
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
        if (null !== $layout->problem) {
            return [Finding::refused(Criterion::Planned, null, $layout->problem)];
        }
        $findings = [
            ...array_merge([], ...array_map($this->ruling(...), $layout->rulings)),
            ...array_merge([], ...array_map(self::room(...), $layout->parking->sides ?? [])),
            ...$this->materials($layout),
        ];
        $lets = [] === array_filter($findings, static fn (Finding $finding): bool => !$finding->outcome->lets());

        $held = array_filter($layout->rulings, static fn (Ruling $ruling): bool => $ruling->isBinding);

        return $lets ? [...$findings, Finding::fits(Criterion::Planned, null, Sentence::of(
            'All is worked out with this {connector}: {rules} rules hold.',
            ['connector' => $this->job->function->connectorKind()->label(), 'rules' => \count($held)],
        ))] : $findings;
    }

    /** @return list<Finding> nothing where it is proved, need not hold, or an engineer lets it stand */
    private function ruling(Ruling $ruling): array
    {
        $where = $ruling->place->where;
        $isFirst = null === $where->core || 1 === $where->core;
        if (!$ruling->isBinding || !$isFirst || Proof::Proved === $ruling->proof() || null !== $this->build->acceptanceOf($ruling)) {
            return [];
        }

        // The end is said in the reason.
        return [$ruling->needsEngineer() ? Finding::refused(Criterion::Rule, null, $ruling->reason()) : Finding::unproved(
            Criterion::Rule, null, Sentence::of('{rule} {worst}', ['rule' => $ruling->reason(), 'worst' => $ruling->worst() ?? '']),
        )];
    }

    /** @return list<Finding> */
    private static function room(ParkingSide $side): array
    {
        return $side->isShort() ? [Finding::refused(Criterion::ParkingRoom, $side->end, Sentence::of(
            'The parked parts need {needed} nose to tail, and {free} is free.',
            ['needed' => $side->needed, 'free' => $side->free ?? $side->needed],
        ))] : [];
    }

    /** @return list<Finding> a sheet of the first edition does not say what its items take */
    private function materials(Layout $layout): array
    {
        $findings = [];
        foreach (true === $this->sheet?->saysAll() ? $layout->materials : [] as $requirement) {
            $shortage = $requirement->shortage();
            $findings = null === $shortage ? $findings : [...$findings, Finding::refused(Criterion::BoxContents, null, $shortage)];
        }

        return $findings;
    }
}
