<?php

declare(strict_types=1);

namespace TinLantern\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'When what others get of a record has changed: it, or its items';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE record ADD shared_at DATETIME NULL');
        $this->addSql('UPDATE record SET shared_at = changed_at');
        $this->addSql('ALTER TABLE record MODIFY shared_at DATETIME NOT NULL, ADD KEY shared_at (shared_at, id), DROP KEY changed_at');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE record ADD KEY changed_at (changed_at, id), DROP KEY shared_at, DROP shared_at');
    }
}
