<?php

declare(strict_types=1);

namespace App\Console;

use App\Security\Account;
use App\Security\Accounts;
use App\Security\Person;
use App\Security\Role;
use Berm\Core\File\Fields;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

#[AsCommand('berm:people', 'Adds the people of a file who are not there yet; their password is read from BERM_PASSWORD.')]
final class SetPeople extends Command
{
    public function __construct(private readonly Accounts $accounts, private readonly UserPasswordHasherInterface $hasher)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'JSON: {"people": [{"name", "shownAs", "role"}]}');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $password = getenv('BERM_PASSWORD');
        if (false === $password || \strlen($password) < 8) {
            $output->writeln('Set BERM_PASSWORD to a password of at least 8 characters.');

            return self::FAILURE;
        }
        $file = $input->getArgument('file');
        $text = (string) file_get_contents(\is_string($file) ? $file : '');
        Fields::readText(
            $text, fn (Fields $document): array => $document->list('people', fn (Fields $person): bool => $this->add($person, $password)),
        );

        return self::SUCCESS;
    }

    private function add(Fields $file, string $password): bool
    {
        [$name, $shownAs, $role] = [$file->text('name', 60), $file->text('shownAs', 120), $file->choice('role', Role::class)];
        if (null === $this->accounts->find($name)) {
            $this->accounts->add(
                new Account($name, $shownAs, $role, 1, null, null), $this->hasher->hashPassword(
                    new Person($name, $shownAs, $role, ''), $password,
                ),
            );
        }

        return true;
    }
}
