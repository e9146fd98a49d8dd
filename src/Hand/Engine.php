<?php

declare(strict_types=1);

namespace App\Hand;

use App\Http\Wire\ChoiceJson;
use App\Http\Wire\JobJson;
use App\Http\Wire\ProblemJson;
use App\Http\Wire\WrittenJson;
use App\UseCase\AskAhead;
use App\UseCase\ChangePlan;
use App\UseCase\Choices;
use App\UseCase\FindWays;
use App\UseCase\JudgeChoices;
use App\UseCase\KitsInStock;
use App\UseCase\NotTheirs;
use App\UseCase\PlanConflict;
use App\UseCase\PlanDraft;
use App\UseCase\PlanDraftFile;
use App\UseCase\PlanJob;
use App\UseCase\PlannedJob;
use App\UseCase\SentEntry;
use App\UseCase\StoredJob;
use App\UseCase\WriteEntry;
use Berm\Core\Build\Writer;
use Berm\Core\File\Fields;
use Berm\Core\File\RevisionFile;
use Berm\Core\Wire\AheadJson;
use Berm\Core\Wire\WayJson;

/** Answers for one job where there is no signal: the requests of the server, by the same rules, with the same answers. */
final readonly class Engine
{
    private CarriedJob $jobs;
    private PlanJob $plan;
    private HandClock $clock;
    private WriteEntry $writeEntry;
    private ChangePlan $changePlan;
    private JudgeChoices $judge;
    private StoresHere $stores;
    private FindWays $findWays;
    private AskAhead $askAhead;

    private function __construct(private Package $package, StoredJob $job)
    {
        $this->jobs = new CarriedJob($job, $package->seals);
        $this->clock = new HandClock($package->at);
        $this->plan = new PlanJob($package->sheets, new LastPlan(), $package->sheets);
        $this->judge = new JudgeChoices($this->jobs, $this->plan, $package->sheets, new CarriedTables($package->sheets));
        $left = new LeftToServer();
        $this->writeEntry = new WriteEntry($this->jobs, $this->plan, $left, $left, $this->clock);
        $this->stores = new StoresHere($package, $this->jobs, $this->plan, $this->writeEntry, $this->clock);
        $tables = new CarriedTables($package->sheets);
        $kits = new KitsInStock($this->stores->boxes, $package->sheets, $tables, $this->clock);
        $this->findWays = new FindWays($this->jobs, $this->plan, $package->sheets, $tables, $kits);
        $this->askAhead = new AskAhead($this->jobs, $this->plan, $this->clock);
        $this->changePlan = new ChangePlan($this->jobs, $this->plan, $this->clock, new HandIds($this->clock));
    }

    /** @param list<Growth> $grown what was written here since the job was taken along, in that order */
    public static function open(Package $package, array $grown = []): self
    {
        $job = array_reduce($grown, static fn (StoredJob $job, Growth $one): StoredJob => $one->on($job), $package->job);

        return new self($package, $job);
    }

    /** What was written since it was asked last; null: nothing. */
    public function grown(): ?Growth
    {
        return $this->jobs->grown();
    }

    /** What the server would answer, if it were asked now. */
    public function answer(Asked $asked): Answer
    {
        $this->clock->set($asked->at);
        try {
            return match ([$asked->method, $asked->path]) {
                ['GET', $this->path()] => Answer::of(200, JobJson::of($this->planned())),
                ['POST', $this->path('/log')] => $this->write($asked),
                ['PUT', $this->path('/plan')] => $this->replan($asked),
                ['GET', $this->path('/kits')] => $this->choices($this->judge->kits($this->package->job->id, $asked->page)),
                ['GET', $this->path('/connectors')] => $this->choices($this->judge->connectors($this->package->job->id, $asked->page)),
                ['GET', $this->path('/tools')] => $this->stores->tools(),
                default => $this->others($asked),
            };
        } catch (PlanConflict $conflict) {
            return Answer::ofProblem(ProblemJson::ofConflict($conflict, $this->planned()));
        } catch (\Throwable $error) {
            return Answer::ofProblem(ProblemJson::ofRefusal($error) ?? throw $error);
        }
    }

    private function others(Asked $asked): Answer
    {
        [$path, $query] = [...explode('?', $asked->path, 2), ''];
        if ('GET' === $asked->method && '/api/boxes' === $path) {
            return $this->stores->boxes($query, $asked->page);
        }
        if ('GET' === $asked->method && $this->path('/ways') === $path) {
            $found = ($this->findWays)($this->package->job->id, FindWays::fault($query));

            return Answer::of(200, WayJson::all($found->ways, $found->plan, $found->core));
        }
        if ('GET' === $asked->method && $this->path('/ahead') === $path) {
            return Answer::of(200, AheadJson::of(($this->askAhead)($this->package->job->id, $query)));
        }
        [, $box] = 1 === preg_match('~^/api/boxes/([^/]+)/opening$~', $path, $found) ? $found : ['', ''];
        [, $tool] = 1 === preg_match('~^'.preg_quote($this->path('/tools'), '~').'/([^/]+)$~', $path, $found) ? $found : ['', ''];

        return match (true) {
            'POST' === $asked->method && '' !== $box => $this->opened($box, $asked),
            'POST' === $asked->method && '' !== $tool => $this->took($tool, $asked),
            default => Answer::ofProblem(ProblemJson::of(503, 'no-signal', 'This needs a signal: it is not on this device.')),
        };
    }

    private function path(string $more = ''): string
    {
        return "/api/jobs/{$this->package->job->id}$more";
    }

    private function planned(): PlannedJob
    {
        $stored = $this->jobs->get($this->package->job->id);

        return new PlannedJob($stored, ($this->plan)($stored));
    }

    private function write(Asked $asked): Answer
    {
        $sent = Fields::readText($asked->body, SentEntry::read(...));
        $who = $this->package->who;
        $writer = $sent->writer();
        if (null !== $writer && !$who->mayWriteAs($writer)) {
            return Answer::ofProblem(ProblemJson::notAllowed());
        }
        $this->ensureTheirs();

        return Answer::of(201, WrittenJson::of(($this->writeEntry)($this->package->job->id, $sent->as, $sent->event, $who)));
    }

    private function replan(Asked $asked): Answer
    {
        if (!$this->mayPlan()) {
            return Answer::ofProblem(ProblemJson::notAllowed());
        }
        $this->ensureTheirs();
        $draft = static fn (StoredJob $stored): PlanDraft => Fields::readText(
            $asked->body, static fn (Fields $body): PlanDraft => PlanDraftFile::read($body, $stored->function),
        );

        $changed = ($this->changePlan)($this->package->job->id, $asked->version, $draft, $this->package->who->name);

        return Answer::of(200, JobJson::of($changed));
    }

    private function opened(string $box, Asked $asked): Answer
    {
        $this->ensureTheirs();

        return $this->mayPlan() ? $this->stores->open($box, $asked->body) : Answer::ofProblem(ProblemJson::notAllowed());
    }

    private function took(string $tool, Asked $asked): Answer
    {
        $this->ensureTheirs();
        $mayBuild = $this->package->who->mayWriteAs(Writer::Jointer);

        return $mayBuild ? $this->stores->take($tool, $asked->body) : Answer::ofProblem(ProblemJson::notAllowed());
    }

    /** Whoever plans may take a box, too. */
    private function mayPlan(): bool
    {
        return $this->package->who->mayWriteAs(Writer::Jointer) || $this->package->who->mayWriteAs(Writer::Engineer);
    }

    private function choices(Choices $choices): Answer
    {
        return Answer::of(200, [
            ...ChoiceJson::page($choices),
            'unchecked' => array_map(RevisionFile::write(...), $this->package->sheets->unchecked($choices->connectors())),
        ]);
    }

    private function ensureTheirs(): void
    {
        $this->package->isTheirs || throw NotTheirs::jobOf($this->package->crew);
    }
}
