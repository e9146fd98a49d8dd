<?php

declare(strict_types=1);

namespace App\Tests\Persistence;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\DriverManager;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Tools\DsnParser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** What each of the three roles of the database may, and what none of them may. */
final class DatabaseRolesTest extends TestCase
{
    private const APPLICATION = 'DATABASE_URL';
    private const OWNER = 'BERM_OWNER_URL';
    private const READER = 'BERM_READER_URL';
    private const REPLACES = 'CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN RETURN OLD; END $$';

    /** @return iterable<string, array{self::*, string, string}> the role, what it tries, and what it is told */
    public static function tries(): iterable
    {
        $denied = 'Insufficient privilege';
        foreach ([self::APPLICATION, self::READER] as $role) {
            yield "$role changes an entry" => [$role, "UPDATE log_entry SET body = '{}'", $denied];
            yield "$role deletes an entry" => [$role, 'DELETE FROM log_entry', $denied];
            yield "$role empties the log" => [$role, 'TRUNCATE log_entry', $denied];
            yield "$role changes a sheet" => [$role, "UPDATE sheet SET title = 'other'", $denied];
            yield "$role deletes a sheet" => [$role, 'DELETE FROM sheet', $denied];
            yield "$role deletes a job" => [$role, 'DELETE FROM job', $denied];
            yield "$role deletes a person" => [$role, 'DELETE FROM person', $denied];
            yield "$role switches the triggers of a table" => [$role, 'ALTER TABLE log_entry DISABLE TRIGGER ALL', $denied];
            yield "$role switches all triggers" => [$role, "SET session_replication_role = 'replica'", $denied];
            yield "$role replaces what a trigger does" => [$role, self::REPLACES, $denied];
            yield "$role drops a table" => [$role, 'DROP TABLE sign_in_try', $denied];
            yield "$role makes a table" => [$role, 'CREATE TABLE mine (a int)', $denied];
            yield "$role makes a temporary table" => [$role, 'CREATE TEMP TABLE mine (a int)', $denied];
            yield "$role makes a role" => [$role, 'CREATE ROLE mine SUPERUSER', $denied];
            yield "$role becomes the owner" => [$role, 'SET ROLE berm_owner', $denied];
            yield "$role runs a program" => [$role, "COPY job TO PROGRAM 'cat'", $denied];
            yield "$role reads a file" => [$role, "SELECT pg_read_file('postgresql.conf')", $denied];
            yield "$role counts the migrations anew" => [$role, 'DELETE FROM doctrine_migration_versions', $denied];
        }
        yield 'the reader writes' => [self::READER, "INSERT INTO sign_in_try VALUES ('x', now(), 1)", $denied];
        yield 'the reader reads sessions' => [self::READER, 'SELECT * FROM session', $denied];
        yield 'the reader reads tokens of instruments' => [self::READER, 'SELECT * FROM instrument_token', $denied];
        $refused = 'are never changed or deleted; add a new one instead';
        yield 'the owner changes an entry' => [self::OWNER, "UPDATE log_entry SET body = '{}'", $refused];
        yield 'the owner deletes an entry' => [self::OWNER, 'DELETE FROM log_entry', $refused];
        yield 'the owner empties the log' => [self::OWNER, 'TRUNCATE log_entry', $refused];
        yield 'the owner changes a sheet' => [self::OWNER, "UPDATE sheet SET title = 'other'", $refused];
        yield 'the owner runs a program' => [self::OWNER, "COPY job TO PROGRAM 'cat'", $denied];
        yield 'the owner makes a role' => [self::OWNER, 'CREATE ROLE mine', $denied];
    }

    /** @param self::* $role */
    #[Test]
    #[DataProvider('tries')]
    public function nobodyMayMoreThanTheyNeed(string $role, string $sql, string $told): void
    {
        $connection = self::as($role);
        $connection->beginTransaction();
        try {
            $connection->executeStatement($sql);
            self::fail("$role may: $sql");
        } catch (DriverException $error) {
            self::assertStringContainsString($told, $error->getMessage());
        } finally {
            $connection->rollBack();
        }
    }

    #[Test]
    public function noneOfThemAdministersTheDatabase(): void
    {
        self::assertSame(['berm_app', 'berm_owner', 'berm_reader'], self::as(self::READER)->fetchFirstColumn(
            "SELECT rolname FROM pg_roles WHERE rolname LIKE 'berm\\_%'
             AND NOT (rolsuper OR rolcreaterole OR rolcreatedb OR rolreplication OR rolbypassrls) ORDER BY rolname",
        ));
    }

    #[Test]
    public function nobodyComesInWithoutTheirPassword(): void
    {
        $this->expectException(DriverException::class);
        $this->expectExceptionMessage('password authentication failed');
        self::connect((string) preg_replace('~:\w+@~', ':guessed@', self::url(self::APPLICATION)))->fetchOne('SELECT 1');
    }

    /** @param self::* $role */
    private static function as(string $role): Connection
    {
        return self::connect(self::url($role));
    }

    private static function connect(string $url): Connection
    {
        return DriverManager::getConnection((new DsnParser(['postgresql' => 'pdo_pgsql']))->parse($url));
    }

    private static function url(string $variable): string
    {
        return (string) getenv($variable);
    }
}
