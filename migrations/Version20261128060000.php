<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Of readings and pages nothing is kept for long: they are not written to the server’s own log, and are gone after a crash. */
final class Version20261128060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Instruments that speak for somebody, what they sent, and the pages that listen';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE instrument_token (id UUID NOT NULL, person VARCHAR(120) NOT NULL, epoch INT NOT NULL, name VARCHAR(60) NOT NULL,
             hash CHAR(64) NOT NULL UNIQUE, made_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, last_used_at TIMESTAMP(0) WITH TIME ZONE,
             PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX instrument_token_person ON instrument_token (person)');
        $this->addSql(
            'CREATE UNLOGGED TABLE instrument_reading (id UUID NOT NULL, person VARCHAR(120) NOT NULL, report JSONB NOT NULL,
             read_at TIMESTAMP(6) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX instrument_reading_person ON instrument_reading (person, read_at)');
        $this->addSql(
            'CREATE UNLOGGED TABLE instrument_page (person VARCHAR(120) NOT NULL, page UUID NOT NULL,
             seen_at TIMESTAMP(6) WITH TIME ZONE NOT NULL, PRIMARY KEY (person, page))',
        );
    }

    public function down(Schema $schema): void
    {
        foreach (['instrument_page', 'instrument_reading', 'instrument_token'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
