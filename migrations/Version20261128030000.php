<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128030000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pictures of a job, each kept by what it is';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE picture (job_id UUID NOT NULL, hash CHAR(64) NOT NULL, type VARCHAR(20) NOT NULL, bytes BYTEA NOT NULL,
             sent_by VARCHAR(120) NOT NULL, sent_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (job_id, hash))',
        );
        $this->addSql('ALTER TABLE picture ADD CONSTRAINT picture_of_job FOREIGN KEY (job_id) REFERENCES job (id)');
        $this->addSql(
            'CREATE TRIGGER picture_is_append_only BEFORE UPDATE OR DELETE ON picture FOR EACH ROW EXECUTE FUNCTION refuse_change()',
        );
        $this->addSql(
            'CREATE TRIGGER picture_is_never_emptied BEFORE TRUNCATE ON picture FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE picture');
    }
}
