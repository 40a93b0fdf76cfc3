<?php

declare(strict_types=1);

namespace TinLantern\Access\Cli;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Access\AddStaff;
use TinLantern\Access\Role;
use TinLantern\Platform\Problem\Problem;

#[AsCommand('access:add-staff', 'Adds somebody to the staff')]
final readonly class AddStaffCommand
{
    public function __construct(private AddStaff $addStaff)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('sign-in name')] string $signInName,
        #[Argument('full name')] string $name,
        #[Argument('desk, cataloguer, manager or administrator')] string $role,
        #[Argument('code of the home branch')] string $branch,
        #[Option('password; asked for when left out')] ?string $password = null,
    ): int {
        $known = Role::tryFrom($role);
        $secret = $password ?? $io->askHidden('Password');
        if (null === $known || !\is_string($secret) || \strlen($secret) < 8) {
            $io->error(null === $known ? \sprintf('There is no role "%s". Roles: desk, cataloguer, manager, administrator.', $role) : 'A password has at least 8 characters.');

            return Command::INVALID;
        }
        try {
            ($this->addStaff)($signInName, $name, $secret, $known, $branch);
        } catch (Problem $problem) {
            $io->error($problem->getMessage());

            return Command::FAILURE;
        }
        $io->writeln(\sprintf('%s can sign in as %s.', $name, $signInName));

        return Command::SUCCESS;
    }
}
