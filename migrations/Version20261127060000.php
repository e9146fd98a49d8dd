<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The chain of a log covers its job, its order and the sheets it rests on; its heads are kept in signed lists';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE log_entry ADD format SMALLINT DEFAULT 1 NOT NULL, ADD sheets TEXT DEFAULT \'\' NOT NULL');
        $this->addSql('ALTER TABLE log_entry ALTER format DROP DEFAULT, ALTER sheets DROP DEFAULT');

        $this->addSql('ALTER TABLE sheet ADD digest CHAR(64)');
        $this->addSql('ALTER TABLE sheet DISABLE TRIGGER sheet_is_append_only');
        $this->addSql("UPDATE sheet SET digest = encode(sha256(convert_to(body::text, 'UTF8')), 'hex')");
        $this->addSql('ALTER TABLE sheet ENABLE TRIGGER sheet_is_append_only');
        $this->addSql('ALTER TABLE sheet ALTER digest SET NOT NULL');

        $this->addSql(
            'CREATE TABLE head_list (number INT NOT NULL PRIMARY KEY, text TEXT NOT NULL, key CHAR(64) NOT NULL, signature CHAR(128) NOT
             NULL)',
        );
        $this->addSql(
            'CREATE TRIGGER head_list_is_append_only BEFORE UPDATE OR DELETE ON head_list FOR EACH ROW EXECUTE FUNCTION refuse_change()',
        );
        $this->addSql(
            'CREATE TRIGGER head_list_is_never_emptied BEFORE TRUNCATE ON head_list FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()',
        );
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Entries that were chained in the new way cannot be chained in the old one.');
    }
}
