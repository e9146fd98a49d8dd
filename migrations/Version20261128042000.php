<?php

declare(strict_types=1);

namespace DoctrineMigrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128042000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Revisions of kit sheets that were withdrawn: what is built by them stops';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE sheet_withdrawal (sheet_id VARCHAR(80) NOT NULL, revision INT NOT NULL, reason TEXT NOT NULL,
             withdrawn_by VARCHAR(120) NOT NULL, withdrawn_at TIMESTAMP(0) WITH TIME ZONE NOT NULL, PRIMARY KEY (sheet_id, revision))',
        );
        foreach (['is_append_only BEFORE UPDATE OR DELETE', 'is_never_emptied BEFORE TRUNCATE'] as $trigger) {
            $each = str_contains($trigger, 'TRUNCATE') ? 'STATEMENT' : 'ROW';
            $this->addSql("CREATE TRIGGER sheet_withdrawal_$trigger ON sheet_withdrawal FOR EACH $each EXECUTE FUNCTION refuse_change()");
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE sheet_withdrawal');
    }
}
