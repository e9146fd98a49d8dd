<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Drafts of kit sheets, until a second person releases them';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE kit_draft (sheet_id VARCHAR(80) NOT NULL, version INT NOT NULL, text TEXT NOT NULL, author VARCHAR(120) NOT
             NULL, changed_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (sheet_id))',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kit_draft');
    }
}
