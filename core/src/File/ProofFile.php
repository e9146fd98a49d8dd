<?php

declare(strict_types=1);

namespace Berm\Core\File;

use Berm\Core\Kit\Excepted;
use Berm\Core\Prove\ProvedDoubt;
use Berm\Core\Prove\Report;
use Berm\Core\Prove\Shortfall;
use Berm\Core\Quantity\LengthUnit;
use Berm\Core\Saying\Reader;

/** What proving a sheet came to, for people and programs to read. */
final class ProofFile
{
    /** @return array<string, mixed> */
    public static function write(Report $report): array
    {
        $reader = new Reader(LengthUnit::Millimetre);

        return [
            'proved' => $report->isProved(),
            'plans' => $report->plans,
            'corners' => $report->corners,
            'shortfalls' => self::shortfalls($report->shortfalls, $reader),
            ...([] === $report->doubts ? [] : ['doubts' => array_map(static fn (ProvedDoubt $one): array => [
                'size' => $one->size, 'dimension' => $one->doubt->dimension, 'taken' => $one->taken->toText(),
                'other' => $one->doubt->other->toText(), 'reason' => $one->doubt->reason,
                'shortfalls' => self::shortfalls($one->shortfalls, $reader),
            ], $report->doubts)]),
            'excepted' => array_map(static fn (Excepted $one): array => [
                'key' => $one->key, 'rule' => $one->kind?->value, 'reason' => $one->reason,
            ], $report->excepted),
        ];
    }

    /**
     * @param list<Shortfall> $shortfalls
     *
     * @return list<array<string, mixed>>
     */
    private static function shortfalls(array $shortfalls, Reader $reader): array
    {
        return array_map(static fn (Shortfall $one): array => [
            'fault' => $one->fault->value,
            'of' => $one->of,
            'corners' => $one->corners,
            ...(null === $one->worst ? [] : ['worst' => $one->worst->toText(), 'proof' => $one->proof?->value]),
            'reason' => $reader->say($one->reason),
            ...(null === $one->corner ? [] : ['corner' => $one->corner->inWords()]),
        ], $shortfalls);
    }

    /** @return array<string, array<string, mixed>> a job for each that fails in some corner, by the number of the shortfall */
    public static function jobs(Report $report): array
    {
        $jobs = [];
        foreach ($report->shortfalls as $i => $one) {
            $jobs = null === $one->corner ? $jobs : [
                ...$jobs, \sprintf('%02d-%s', $i + 1, $one->fault->value) => (new JobFile($one->corner->job, []))->write(),
            ];
        }

        return $jobs;
    }
}
