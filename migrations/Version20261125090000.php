<?php

declare(strict_types=1);

namespace TinLantern\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Search documents know since when their record is here; those for an outside engine wait in an outbox; searches are saved.
 */
final class Version20261125090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        // What is derived may be older than the records, when an outside engine is used: no foreign key.
        $this->addSql("ALTER TABLE search_document DROP FOREIGN KEY search_document_ibfk_1, ADD added_on DATE NOT NULL DEFAULT '1970-01-01', ADD KEY (added_on)");
        $this->addSql('CREATE TABLE search_outbox (record_id INT UNSIGNED PRIMARY KEY, document MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL)');
        $this->addSql('CREATE TABLE saved_search (
            id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, staff_id INT UNSIGNED NOT NULL, name VARCHAR(120) NOT NULL, question VARCHAR(1000) NOT NULL, is_shared TINYINT(1) NOT NULL,
            saved_at DATETIME NOT NULL, UNIQUE KEY (staff_id, name), FOREIGN KEY (staff_id) REFERENCES staff (id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE saved_search');
        $this->addSql('DROP TABLE search_outbox');
        $this->addSql('ALTER TABLE search_document DROP COLUMN added_on, ADD FOREIGN KEY (record_id) REFERENCES record (id)');
    }
}
