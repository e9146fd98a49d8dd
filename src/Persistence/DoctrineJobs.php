<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Persistence\Row\EntryRow;
use App\Persistence\Row\JobRow;
use App\UseCase\EntryIdTaken;
use App\UseCase\IdTaken;
use App\UseCase\JobNotFound;
use App\UseCase\Jobs;
use App\UseCase\PlanDraft;
use App\UseCase\StoredJob;
use Berm\Core\Build\Entry;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Uuid;

final readonly class DoctrineJobs implements Jobs
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function get(string $id): StoredJob
    {
        $row = $this->row($id);

        return $this->whole($row);
    }

    public function add(StoredJob $job): bool
    {
        // One statement decides: of two that are sent at once, one is stored.
        $stored = $this->entities->getConnection()->executeStatement(
            'INSERT INTO job (id, name, function, plan, version, changed_at) VALUES (?, ?, ?, ?, ?, ?) ON CONFLICT (id) DO NOTHING',
            [
                $job->id, $job->name, $job->function->value, json_encode(JobMapper::plan($job->draft), \JSON_THROW_ON_ERROR), $job->version,
                $job->changedAt->format(\DATE_ATOM),
            ],
        );
        if (1 === (int) $stored) {
            return true;
        }
        $there = $this->row($job->id);
        if ($there->name !== $job->name || $there->function !== $job->function->value) {
            throw IdTaken::by('job', $job->id);
        }

        return false;
    }

    public function locked(string $id, callable $change): mixed
    {
        return $this->entities->wrapInTransaction(function () use ($id, $change): mixed {
            $row = $this->row($id, LockMode::PESSIMISTIC_WRITE);

            return $change($this->whole($row));
        });
    }

    public function savePlan(string $id, PlanDraft $draft, int $version, \DateTimeImmutable $at): void
    {
        $row = $this->row($id);
        $row->plan = JobMapper::plan($draft);
        $row->version = $version;
        $row->changedAt = $at;
        $this->entities->flush();
    }

    public function append(StoredJob $job, Entry $entry): StoredJob
    {
        $longer = $job->with($entry, SheetRows::seals($this->entities->getConnection(), $job->draft));
        $line = $longer->lastEntry() ?? throw new \LogicException('a job that was written to has a log');
        $stored = $this->entities->getConnection()->executeStatement(
            'INSERT INTO log_entry (id, job_id, sequence, body, hash, format, sheets) VALUES (?, ?, ?, ?, ?, ?, ?) ON CONFLICT (id) DO
             NOTHING',
            [$entry->id, $longer->id, $line->sequence, $line->body, $line->hash, $line->format, $line->sheets],
        );
        if (0 === (int) $stored) {
            throw EntryIdTaken::by($entry->id);
        }
        $this->row($longer->id)->changedAt = $entry->at;
        $this->entities->flush();

        return $longer;
    }

    private function whole(JobRow $row): StoredJob
    {
        return JobMapper::job($row, array_map(JobMapper::stored(...), $this->lines($row)));
    }

    /** @param LockMode::PESSIMISTIC_WRITE|null $lock */
    private function row(string $id, ?LockMode $lock = null): JobRow
    {
        $row = Uuid::isValid($id) ? $this->entities->find(JobRow::class, $id, $lock) : null;
        if (null === $row) {
            throw JobNotFound::withId($id);
        }
        if (null !== $lock) {
            // What was loaded before the lock may be old by now.
            $this->entities->refresh($row);
        }

        return $row;
    }

    /** @return list<EntryRow> in the order in which they were written */
    private function lines(JobRow $job): array
    {
        return $this->entities->getRepository(EntryRow::class)->findBy(['job' => $job], ['sequence' => 'ASC']);
    }
}
