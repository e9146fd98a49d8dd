<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Nobody entered it and nothing follows from it: it is not written to the server’s own log, and is gone after a crash. */
final class Version20261128140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'When the server heard last from those whom a job is given to, and who took it along';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE UNLOGGED TABLE job_heard (job_id UUID NOT NULL, person VARCHAR(60) NOT NULL,
             heard_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, along_at TIMESTAMP(0) WITH TIME ZONE, PRIMARY KEY (job_id, person))',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE job_heard');
    }
}
