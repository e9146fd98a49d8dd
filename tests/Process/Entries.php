<?php

declare(strict_types=1);

namespace App\Tests\Process;

use App\Tests\Journey\Answer;
use App\Tests\Journey\Visitor;
use Symfony\Component\Uid\Uuid;

/** Entries written one after the other into a job of the demo, and which of them the server said that it has. */
final class Entries
{
    private const JOB = '019aa100-0000-7000-8000-000000000007';

    /** @var list<string> ids */
    public array $acknowledged = [];

    public function __construct(private readonly Visitor $jointer)
    {
    }

    public function write(?string $id = null): Answer
    {
        $id ??= Uuid::v7()->toRfc4122();
        $answer = $this->jointer->ask('POST', '/api/jobs/'.self::JOB.'/log', ['id' => $id, 'event' => [
            'kind' => 'check-made', 'stage' => 'stress', 'check' => 'step', 'end' => 'A', 'core' => 1,
            'reading' => ['typed' => (string) random_int(3, 7), 'unit' => 'mm', 'instrument' => 'steel-rule'],
        ]]);
        if (201 === $answer->status) {
            $this->acknowledged[] = $id;
        }

        return $answer;
    }

    /** @return list<string> of those the server said it has, which are not there, or there more than once */
    public function lostIn(Instance $berm): array
    {
        $there = array_count_values(explode("\n", $berm->query("SELECT id FROM log_entry WHERE job_id = '".self::JOB."'")));

        return array_values(array_filter($this->acknowledged, static fn (string $id): bool => 1 !== ($there[$id] ?? 0)));
    }
}
