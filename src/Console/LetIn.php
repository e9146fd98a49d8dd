<?php

declare(strict_types=1);

namespace App\Console;

use App\Security\Account;
use App\Security\AccountRefused;
use App\Security\Accounts;
use App\Security\ManagePeople;
use App\Security\Role;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('berm:let-in', 'Makes somebody an administrator with a one-time password, for when no administrator can sign in any more.')]
final class LetIn extends Command
{
    public function __construct(private readonly Accounts $accounts, private readonly ManagePeople $people)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('name', InputArgument::REQUIRED, 'The name they sign in by; added where there is nobody of it.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $typed = $input->getArgument('name');
        $name = \is_string($typed) ? $typed : '';
        try {
            $account = $this->accounts->find($name);
            $password = null === $account ? $this->people->add($name, $name, Role::Administrator)[1] : $this->again($account);
        } catch (AccountRefused $refused) {
            $output->writeln(trim("$refused->field {$refused->getMessage()}"));

            return self::FAILURE;
        }
        $output->writeln("$name is an administrator and signs in once, within a week, with $password");

        return self::SUCCESS;
    }

    private function again(Account $account): string
    {
        $this->people->change($account->name, $account->version, $account->shownAs, Role::Administrator, false, '');

        return $this->people->giveOneTimePassword($account->name);
    }
}
