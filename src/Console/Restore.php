<?php

declare(strict_types=1);

namespace App\Console;

use App\UseCase\Backup\Backups;
use App\UseCase\Backup\BadBackup;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('berm:restore', 'Takes a backup into empty tables; with --look, only says what it is.')]
final class Restore extends Command
{
    public function __construct(private readonly Backups $backups)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED);
        $this->addOption('look', null, InputOption::VALUE_NONE, 'Reads all of it and prints its schema and the keys that signed it.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $path = \is_string($file) ? $file : '';
        try {
            $contents = true === $input->getOption('look') ? $this->backups->read($path) : $this->backups->restore($path);
        } catch (BadBackup $bad) {
            $output->writeln($bad->getMessage());

            return self::FAILURE;
        }
        $output->writeln(true === $input->getOption('look')
            ? $contents->schema.' '.implode(',', $contents->keys)
            : \sprintf(
                '%d rows of %s, the logs of %d jobs.', $contents->rows(), $contents->madeAt->format('j M Y H:i'), \count($contents->heads),
            ));

        return self::SUCCESS;
    }
}
