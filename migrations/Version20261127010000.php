<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Tries to sign in are counted one by one';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE sign_in_try (key CHAR(64) NOT NULL PRIMARY KEY, began_at TIMESTAMPTZ NOT NULL, tries INT NOT NULL)');
        $this->addSql('CREATE INDEX sign_in_try_began ON sign_in_try (began_at)');
        $this->addSql('DROP TABLE cache_items');
    }

    public function down(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE cache_items (item_id VARCHAR(255) NOT NULL PRIMARY KEY, item_data BYTEA NOT NULL, item_lifetime INT DEFAULT NULL, '
            .'item_time INT NOT NULL)',
        );
        $this->addSql('DROP TABLE sign_in_try');
    }
}
