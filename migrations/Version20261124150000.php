<?php

declare(strict_types=1);

namespace TinLantern\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Items whose labels wait to be printed.
 */
final class Version20261124150000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE waiting_label (
            item_id INT UNSIGNED PRIMARY KEY, added_at DATETIME(3) NOT NULL, KEY (added_at), FOREIGN KEY (item_id) REFERENCES item (id) ON DELETE CASCADE)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE waiting_label');
    }
}
