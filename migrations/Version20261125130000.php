<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125130000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Boxes in the stores';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE box (id UUID NOT NULL, kit_id VARCHAR(80) NOT NULL, kit_revision INT NOT NULL, size VARCHAR(40) NOT NULL, gtin
             VARCHAR(14) NOT NULL, batch VARCHAR(20) NOT NULL, serial VARCHAR(20) NOT NULL, made_on DATE DEFAULT NULL, expires_on DATE DEFAULT NULL, place VARCHAR(80) NOT NULL, reserved_for UUID DEFAULT NULL, opened_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL, missing JSONB NOT NULL, added_by VARCHAR(120) NOT NULL, added_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX box_by_expiry ON box (expires_on, id)');
        $this->addSql('CREATE INDEX box_by_kit ON box (kit_id, size, expires_on)');
        $this->addSql("CREATE UNIQUE INDEX box_by_serial ON box (gtin, serial) WHERE (serial <> '')");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE box');
    }
}
