<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Wire\JobJson;
use App\Http\Wire\WrittenJson;
use App\UseCase\JobStamp;
use App\UseCase\JobStamps;
use App\UseCase\PlannedJob;
use App\UseCase\SheetNotFound;
use App\UseCase\ShowJob;
use App\UseCase\WrittenEntry;
use Berm\Core\CoreError;
use Berm\Core\Wire\WaitJson;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Jobs as answers. All of a plan follows from the stored job, so an answer holds as long as the job's stamp stays the same. */
final readonly class JobAnswers
{
    private const KEPT_SECONDS = 900;
    private const WAITS_KEPT_SECONDS = 604_800;

    /**
     * @param \Closure(): ShowJob $showJob made only when an answer has to be worked out
     * @param string              $era     tells this database from another one
     */
    public function __construct(
        private JobStamps $stamps,
        #[AutowireServiceClosure(ShowJob::class)]
        private \Closure $showJob,
        private CacheInterface $answers,
        private string $era,
    ) {
    }

    public function show(string $id): JsonResponse
    {
        $stamp = $this->stamps->of($id);
        $json = $this->answers->get(hash('xxh128', "$this->era/$id/$stamp"), function (ItemInterface $item) use ($id): string {
            $item->expiresAfter(self::KEPT_SECONDS);

            return json_encode(JobJson::of(($this->showJob)()($id)), \JSON_THROW_ON_ERROR | JsonResponse::DEFAULT_ENCODING_OPTIONS);
        });

        return new JsonResponse($json, 200, ['ETag' => '"'.(int) $stamp.'"'], true);
    }

    /**
     * What the list says of a job.
     *
     * @param \Closure(): PlannedJob $planned called only when it has to be worked out
     *
     * @return array<string, mixed>
     */
    public function summary(JobStamp $job, \Closure $planned): array
    {
        $key = hash('xxh128', "$this->era/summary/$job->id/$job->stamp");

        return $this->answers->get($key, static function (ItemInterface $item) use ($planned): array {
            $item->expiresAfter(self::KEPT_SECONDS);

            return JobJson::summary($planned());
        });
    }

    /**
     * What waits for whom on a job.
     *
     * @param (\Closure(): PlannedJob)|null $planned null: it may not be worked out now
     *
     * @return list<array<string, mixed>>|null null where it is not known
     */
    public function waits(JobStamp $job, ?\Closure $planned): ?array
    {
        $key = hash('xxh128', "$this->era/waits/$job->id/$job->stamp");
        $id = ['id' => $job->id, 'name' => $job->name];

        return $this->answers->get($key, static function (ItemInterface $item, bool &$save) use ($planned, $id): ?array {
            $item->expiresAfter(self::WAITS_KEPT_SECONDS);
            $save = null !== $planned;
            try {
                return null === $planned ? null : array_map(
                    static fn (array $wait): array => ['job' => $id, ...$wait], WaitJson::of($planned()->plan),
                );
            } catch (CoreError|\ValueError|\JsonException|SheetNotFound) {
                // What cannot be read is told by the list of jobs.
                return [];
            }
        });
    }

    /** What an entry changed. */
    public static function written(WrittenEntry $written): JsonResponse
    {
        return new JsonResponse(WrittenJson::of($written), 201, ['ETag' => '"'.$written->after->stored->version.'"']);
    }

    public static function of(PlannedJob $job, int $status = 200): JsonResponse
    {
        return new JsonResponse(JobJson::of($job), $status, ['ETag' => '"'.$job->stored->version.'"']);
    }
}
