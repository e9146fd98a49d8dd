<?php

declare(strict_types=1);

namespace App\Hand;

use App\Http\Wire\BoxJson;
use App\Http\Wire\ToolJson;
use App\Http\Wire\WrittenJson;
use App\UseCase\Boxes;
use App\UseCase\JudgeTools;
use App\UseCase\OpenBox;
use App\UseCase\PlanJob;
use App\UseCase\SentAs;
use App\UseCase\SentOpening;
use App\UseCase\TakeTool;
use App\UseCase\WriteEntry;
use Berm\Core\File\Fields;
use Berm\Core\Stores\Box;

/** Answers for the boxes and tools of the one job that was taken along. */
final readonly class StoresHere
{
    public Boxes $boxes;
    private OpenBox $openBox;
    private TakeTool $takeTool;
    private JudgeTools $judgeTools;

    public function __construct(private Package $package, CarriedJob $jobs, PlanJob $plan, WriteEntry $writeEntry, private HandClock $clock)
    {
        $tools = new CarriedTools($package->stores->tools);
        $this->boxes = new CarriedBoxes($package->stores->boxes, $jobs, $plan, $package->job->id);
        $this->openBox = new OpenBox($this->boxes, $jobs, $package->sheets, $writeEntry, $clock);
        $this->takeTool = new TakeTool($tools, $writeEntry);
        $this->judgeTools = new JudgeTools($jobs, $plan, $tools, $clock);
    }

    /** @param string $query as the address has it: kit, size and job */
    public function boxes(string $query, int $page): Answer
    {
        parse_str($query, $asked);
        [$kit, $size, $job] = array_map(
            static fn (string $key): ?string => \is_string($asked[$key] ?? null) && '' !== $asked[$key] ? $asked[$key] : null,
            ['kit', 'size', 'job'],
        );
        $boxes = $this->boxes->page($kit, $size, $page, BoxJson::PER_PAGE);

        return Answer::of(200, BoxJson::page(array_map(fn (Box $box): array => BoxJson::of(
            $box, $this->package->sheets->kit($box->kit), $this->clock->now(), $job,
        ), $boxes), $this->boxes->count($kit, $size), $page));
    }

    public function tools(): Answer
    {
        return Answer::of(200, ToolJson::ofJob(($this->judgeTools)($this->package->job->id), $this->clock->now()));
    }

    public function open(string $box, string $body): Answer
    {
        $opening = Fields::readText($body, SentOpening::read(...));

        return Answer::of(201, WrittenJson::of(($this->openBox)($box, $opening, $this->package->who)));
    }

    public function take(string $tool, string $body): Answer
    {
        $as = Fields::readText($body, SentAs::read(...));

        return Answer::of(201, WrittenJson::of(($this->takeTool)($tool, $this->package->job->id, $as, $this->package->who)));
    }
}
