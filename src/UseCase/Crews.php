<?php

declare(strict_types=1);

namespace App\UseCase;

/** Whom a job is given to: they write to it, others read it. */
interface Crews
{
    /** @return list<Who> by name */
    public function of(string $job): array;

    public function has(string $job, Who $who): bool;

    /** @return list<string> ids of the jobs that are given to this person */
    public function jobsOf(Who $who): array;

    public function add(string $job, Who $who): void;

    /**
     * These and nobody else.
     *
     * @param list<string> $ids of people who can be given a job: jointers and engineers who are not suspended
     *
     * @throws JobNotFound
     * @throws NoSuchHand  for anybody else
     */
    public function give(string $job, array $ids): void;
}
