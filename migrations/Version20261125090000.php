<?php

declare(strict_types=1);

namespace TinLantern\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Items have all that is particular to a piece. Search documents know since when their record is here; those for an outside engine wait in an outbox; searches are saved.
 */
final class Version20261125090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        // What is derived may be older than the records, when an outside engine is used: no foreign key.
        $this->addSql("ALTER TABLE search_document DROP FOREIGN KEY search_document_ibfk_1, ADD added_on DATE NOT NULL DEFAULT '1970-01-01', ADD KEY (added_on)");
        $this->addSql("ALTER TABLE item
            ADD material VARCHAR(60) NOT NULL DEFAULT '', ADD volume VARCHAR(60) NOT NULL DEFAULT '', ADD vendor VARCHAR(120) NOT NULL DEFAULT '', ADD fund VARCHAR(120) NOT NULL DEFAULT '',
            ADD pieces SMALLINT UNSIGNED NOT NULL DEFAULT 1, ADD pieces_note VARCHAR(300) NOT NULL DEFAULT '', ADD public_note VARCHAR(2000) NOT NULL DEFAULT '',
            ADD check_in_message VARCHAR(300) NOT NULL DEFAULT '', ADD check_out_message VARCHAR(300) NOT NULL DEFAULT '', ADD serial_number VARCHAR(120) NOT NULL DEFAULT '',
            ADD temporary_location_id INT UNSIGNED NULL, ADD temporary_until DATE NULL, ADD KEY (temporary_until), ADD FOREIGN KEY (temporary_location_id) REFERENCES shelving_location (id)");
        $this->addSql('CREATE TABLE search_outbox (record_id INT UNSIGNED PRIMARY KEY, document MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL)');
        $this->addSql('CREATE TABLE saved_search (
            id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, staff_id INT UNSIGNED NOT NULL, name VARCHAR(120) NOT NULL, question VARCHAR(1000) NOT NULL, is_shared TINYINT(1) NOT NULL,
            saved_at DATETIME NOT NULL, UNIQUE KEY (staff_id, name), FOREIGN KEY (staff_id) REFERENCES staff (id))');
        $this->addSql('CREATE TABLE saved_phrase (
            id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, staff_id INT UNSIGNED NOT NULL, tag CHAR(3) NOT NULL, text_hash CHAR(64) CHARACTER SET ascii NOT NULL, text VARCHAR(1000) NOT NULL,
            UNIQUE KEY (staff_id, tag, text_hash), FOREIGN KEY (staff_id) REFERENCES staff (id))');
        // The shelf of a branch is gone along by this key; it serves the foreign key as well.
        $this->addSql('ALTER TABLE item ADD KEY shelf (branch_id, shelf_key), DROP KEY branch_id');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE item DROP COLUMN material, DROP COLUMN volume, DROP COLUMN vendor, DROP COLUMN fund, DROP COLUMN pieces, DROP COLUMN pieces_note, DROP COLUMN public_note,
            DROP COLUMN check_in_message, DROP COLUMN check_out_message, DROP COLUMN serial_number, DROP COLUMN temporary_until, DROP FOREIGN KEY item_ibfk_6, DROP COLUMN temporary_location_id');
        $this->addSql('ALTER TABLE item ADD KEY branch_id (branch_id), DROP KEY shelf');
        $this->addSql('DROP TABLE saved_phrase');
        $this->addSql('DROP TABLE saved_search');
        $this->addSql('DROP TABLE search_outbox');
        $this->addSql('ALTER TABLE search_document DROP COLUMN added_on, ADD FOREIGN KEY (record_id) REFERENCES record (id)');
    }
}
