<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A draft that is thrown away can be put back';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE kit_draft ADD discarded_at TIMESTAMP(0) WITH TIME ZONE DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DELETE FROM kit_draft WHERE discarded_at IS NOT NULL');
        $this->addSql('ALTER TABLE kit_draft DROP discarded_at');
    }
}
