<?php

declare(strict_types=1);

namespace App\Console;

use App\UseCase\Chain\GatherHeads;
use App\UseCase\Chain\VerifyChains;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('berm:verify', 'Holds every log against its hashes, its sheets and the signed lists; signs what is new with BERM_HEADS_SEED.')]
final class Verify extends Command
{
    private const MOST = 50;

    public function __construct(private readonly VerifyChains $verify, private readonly GatherHeads $gather)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('noted', null, InputOption::VALUE_REQUIRED, 'A line that was noted down outside: number and hash of a list.', '');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $noted = $input->getOption('noted');
        $report = ($this->verify)(null, \is_string($noted) ? trim($noted) : '');
        foreach (\array_slice($report->faults, 0, self::MOST) as $fault) {
            $output->writeln('BROKEN  '.$fault->inWords());
        }
        if (!$report->isSound()) {
            $more = \count($report->faults) - self::MOST;
            $output->writeln(($more > 0 ? "and $more more. " : '').'Something was changed outside Berm. Nothing was signed.');

            return self::FAILURE;
        }
        $seed = getenv('BERM_HEADS_SEED');
        $list = false === $seed || '' === $seed ? $report->newest : ($this->gather)($report, $seed);
        $output->writeln(\sprintf('%d lines of %d logs are as they were written.', $report->lines(), \count($report->heads)));
        $output->writeln(null === $list ? 'Nothing has been signed yet.' : "Note this line down outside: {$list->line()}");

        return self::SUCCESS;
    }
}
