<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261124000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People, sheets, jobs and their logs; sessions and the count of failed sign-ins.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE person (name VARCHAR(60) NOT NULL, shown_as VARCHAR(120) NOT NULL, role VARCHAR(20) NOT NULL, password_hash VARCHAR(255) NOT NULL, PRIMARY KEY (name))');
        $this->addSql('CREATE TABLE sheet (kind VARCHAR(12) NOT NULL, sheet_id VARCHAR(80) NOT NULL, revision INT NOT NULL, title VARCHAR(200) NOT NULL, body JSONB NOT NULL, added_by VARCHAR(120) NOT NULL, added_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (kind, sheet_id, revision))');
        $this->addSql('CREATE INDEX sheet_by_title ON sheet (kind, title)');
        $this->addSql('CREATE TABLE job (id UUID NOT NULL, name VARCHAR(120) NOT NULL, function VARCHAR(20) NOT NULL, plan JSONB NOT NULL, version INT NOT NULL, changed_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX job_by_change ON job (changed_at, id)');
        $this->addSql('CREATE TABLE log_entry (id UUID NOT NULL, sequence INT NOT NULL, body TEXT NOT NULL, hash CHAR(64) NOT NULL, job_id UUID NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX IDX_B5F762DBE04EA9 ON log_entry (job_id)');
        $this->addSql('CREATE UNIQUE INDEX log_entry_place ON log_entry (job_id, sequence)');
        $this->addSql('ALTER TABLE log_entry ADD CONSTRAINT FK_B5F762DBE04EA9 FOREIGN KEY (job_id) REFERENCES job (id) NOT DEFERRABLE');
        $this->addSql(<<<'SQL'
            CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                RAISE EXCEPTION 'rows of % are never changed or deleted; add a new one instead', TG_TABLE_NAME;
            END $$
            SQL);
        foreach (['log_entry', 'sheet'] as $table) {
            $this->addSql("CREATE TRIGGER {$table}_is_append_only BEFORE UPDATE OR DELETE ON $table FOR EACH ROW EXECUTE FUNCTION refuse_change()");
            $this->addSql("CREATE TRIGGER {$table}_is_never_emptied BEFORE TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
        }
        $this->addSql('CREATE TABLE session (id VARCHAR(128) NOT NULL PRIMARY KEY, data BYTEA NOT NULL, lifetime INT NOT NULL, time INT NOT NULL)');
        $this->addSql('CREATE INDEX session_by_lifetime ON session (lifetime)');
        $this->addSql('CREATE TABLE cache_items (item_id VARCHAR(255) NOT NULL PRIMARY KEY, item_data BYTEA NOT NULL, item_lifetime INT DEFAULT NULL, item_time INT NOT NULL)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE log_entry, job, sheet, person, session, cache_items');
        $this->addSql('DROP FUNCTION refuse_change');
    }
}
