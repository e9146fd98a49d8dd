<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127040000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People are managed; jobs are given to people; drafts know all who wrote in them; a second person looks at sheets';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE person ADD version INT DEFAULT 1 NOT NULL, ADD suspended_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, ADD
             one_time_until TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, ADD epoch INT DEFAULT 1 NOT NULL',
        );
        $this->addSql('CREATE UNIQUE INDEX person_by_shown_name ON person (LOWER(shown_as))');

        $this->addSql(
            'CREATE TABLE job_crew (job_id UUID NOT NULL REFERENCES job (id), person VARCHAR(60) NOT NULL REFERENCES person (name),
             PRIMARY KEY (job_id, person))',
        );
        // Whoever could write to every job until now goes on with those that there are.
        $this->addSql("INSERT INTO job_crew SELECT job.id, person.name FROM job, person WHERE person.role IN ('jointer', 'engineer')");

        $this->addSql("ALTER TABLE kit_draft ADD authors JSONB DEFAULT '[]' NOT NULL");
        $this->addSql(
            'UPDATE kit_draft SET authors = (SELECT COALESCE(jsonb_agg(name), \'[]\') FROM person WHERE shown_as = kit_draft.author)',
        );
        $this->addSql('ALTER TABLE kit_draft ALTER authors DROP DEFAULT');

        $this->addSql('ALTER TABLE sheet ADD added_by_id VARCHAR(60) DEFAULT NULL');
        $this->addSql(
            'CREATE TABLE sheet_check (kind VARCHAR(12) NOT NULL, sheet_id VARCHAR(80) NOT NULL, revision INT NOT NULL, checked_by
             VARCHAR(120) NOT NULL, checked_by_id VARCHAR(60) NOT NULL, checked_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (kind, sheet_id, revision), FOREIGN KEY (kind, sheet_id, revision) REFERENCES sheet (kind, sheet_id, revision))',
        );
        $this->addSql(
            'CREATE TRIGGER sheet_check_is_append_only BEFORE UPDATE OR DELETE ON sheet_check FOR EACH ROW EXECUTE FUNCTION
             refuse_change()',
        );
        $this->addSql(
            'CREATE TRIGGER sheet_check_is_never_emptied BEFORE TRUNCATE ON sheet_check FOR EACH STATEMENT EXECUTE FUNCTION
             refuse_change()',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE sheet_check, job_crew');
        $this->addSql('ALTER TABLE sheet DROP added_by_id');
        $this->addSql('ALTER TABLE kit_draft DROP authors');
        $this->addSql('DROP INDEX person_by_shown_name');
        $this->addSql('ALTER TABLE person DROP version, DROP suspended_at, DROP one_time_until, DROP epoch');
    }
}
