<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Presses and wrenches';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE tool (id UUID NOT NULL, name VARCHAR(80) NOT NULL, body JSONB NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX tool_by_name ON tool (name, id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE tool');
    }
}
