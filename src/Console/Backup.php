<?php

declare(strict_types=1);

namespace App\Console;

use App\UseCase\Backup\Backups;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('berm:backup', 'Writes everything that was entered into a file; nothing stops meanwhile.')]
final class Backup extends Command
{
    public function __construct(private readonly Backups $backups)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $contents = $this->backups->make(\is_string($file) ? $file : '');
        $output->writeln(\sprintf('%d rows, the logs of %d jobs.', $contents->rows(), \count($contents->heads)));

        return self::SUCCESS;
    }
}
