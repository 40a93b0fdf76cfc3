<?php

declare(strict_types=1);

namespace TinLantern\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The house, its people, records, items, loans, and what remembers every act.
 */
final class Version20261123120000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach ([...$this->house(), ...$this->people(), ...$this->stock(), ...$this->memory()] as $statement) {
            $this->addSql($statement);
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('The first schema is left by dropping the database.');
    }

    /** @return list<string> */
    private function house(): array
    {
        return [
            'CREATE TABLE house_state (name VARCHAR(40) PRIMARY KEY, value VARCHAR(190) NOT NULL)',
            'CREATE TABLE branch (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, code VARCHAR(12) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL)',
            'CREATE TABLE opening (
                branch_id INT UNSIGNED NOT NULL, weekday TINYINT NOT NULL, opens SMALLINT NOT NULL, closes SMALLINT NOT NULL,
                PRIMARY KEY (branch_id, weekday, opens), FOREIGN KEY (branch_id) REFERENCES branch (id),
                CHECK (weekday BETWEEN 1 AND 7 AND opens < closes))',
            'CREATE TABLE closed_day (
                branch_id INT UNSIGNED NOT NULL, day DATE NOT NULL, reason VARCHAR(120) NOT NULL,
                PRIMARY KEY (branch_id, day), FOREIGN KEY (branch_id) REFERENCES branch (id))',
            'CREATE TABLE collection (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, code VARCHAR(12) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL, scheme VARCHAR(12) NOT NULL)',
            'CREATE TABLE shelving_location (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, code VARCHAR(12) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL,
                collection_id INT UNSIGNED NOT NULL, FOREIGN KEY (collection_id) REFERENCES collection (id))',
            'CREATE TABLE lending_class (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, code VARCHAR(12) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL, is_reference TINYINT(1) NOT NULL)',
            'CREATE TABLE membership (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, code VARCHAR(12) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL,
                months SMALLINT NOT NULL, loan_limit SMALLINT NULL, overdue_limit SMALLINT NULL)',
            'CREATE TABLE loan_rule (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
                membership_id INT UNSIGNED NULL, lending_class_id INT UNSIGNED NULL, branch_id INT UNSIGNED NULL,
                period SMALLINT NOT NULL, is_hours TINYINT(1) NOT NULL, to_previous_open_day TINYINT(1) NOT NULL, within_membership TINYINT(1) NOT NULL,
                ends_on DATE NULL, renewals SMALLINT NOT NULL, from_due_date TINYINT(1) NOT NULL, class_limit SMALLINT NULL,
                FOREIGN KEY (membership_id) REFERENCES membership (id), FOREIGN KEY (lending_class_id) REFERENCES lending_class (id),
                FOREIGN KEY (branch_id) REFERENCES branch (id), CHECK (period > 0))',
        ];
    }

    /** @return list<string> */
    private function people(): array
    {
        return [
            'CREATE TABLE role (id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, code VARCHAR(20) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL)',
            'CREATE TABLE role_permission (
                role_id INT UNSIGNED NOT NULL, permission VARCHAR(40) NOT NULL, PRIMARY KEY (role_id, permission), FOREIGN KEY (role_id) REFERENCES role (id))',
            'CREATE TABLE staff (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, sign_in_name VARCHAR(60) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL, password VARCHAR(255) NOT NULL,
                role_id INT UNSIGNED NOT NULL, branch_id INT UNSIGNED NOT NULL, is_active TINYINT(1) NOT NULL DEFAULT 1,
                FOREIGN KEY (role_id) REFERENCES role (id), FOREIGN KEY (branch_id) REFERENCES branch (id))',
            'CREATE TABLE sign_in (
                token_hash BINARY(32) PRIMARY KEY, staff_id INT UNSIGNED NOT NULL, branch_id INT UNSIGNED NOT NULL, desk VARCHAR(60) NOT NULL,
                signed_in_at DATETIME NOT NULL, expires_at DATETIME NOT NULL, KEY (expires_at),
                FOREIGN KEY (staff_id) REFERENCES staff (id), FOREIGN KEY (branch_id) REFERENCES branch (id))',
            'CREATE TABLE patron (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, version INT NOT NULL DEFAULT 1,
                card_number VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL UNIQUE,
                family_name VARCHAR(120) NOT NULL, given_name VARCHAR(120) NOT NULL, name_key VARCHAR(190) COLLATE utf8mb4_bin NOT NULL, given_key VARCHAR(190) COLLATE utf8mb4_bin NOT NULL,
                birth_date DATE NULL, email VARCHAR(190) NULL, phone VARCHAR(60) NULL, address VARCHAR(400) NULL,
                branch_id INT UNSIGNED NOT NULL, membership_id INT UNSIGNED NOT NULL, expires_on DATE NOT NULL,
                barred_because VARCHAR(400) NULL, is_card_lost TINYINT(1) NOT NULL DEFAULT 0, staff_note VARCHAR(2000) NULL, registered_at DATETIME NOT NULL,
                KEY (name_key, id), KEY (given_key), KEY (email), FOREIGN KEY (branch_id) REFERENCES branch (id), FOREIGN KEY (membership_id) REFERENCES membership (id))',
        ];
    }

    /** @return list<string> */
    private function stock(): array
    {
        return [
            'CREATE TABLE intake (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, file_name VARCHAR(255) NOT NULL, content_hash CHAR(64) NOT NULL, options VARCHAR(1000) NOT NULL,
                begun_at DATETIME NOT NULL, ended_at DATETIME NULL,
                records_read INT NOT NULL DEFAULT 0, added INT NOT NULL DEFAULT 0, items INT NOT NULL DEFAULT 0,
                KEY (content_hash))',
            'CREATE TABLE record (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, version INT NOT NULL DEFAULT 1, marc MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
                title VARCHAR(500) NOT NULL, title_key VARCHAR(190) COLLATE utf8mb4_bin NOT NULL, author VARCHAR(300) NOT NULL, edition VARCHAR(190) NOT NULL, published VARCHAR(300) NOT NULL,
                extent VARCHAR(300) NOT NULL, year SMALLINT NULL, language CHAR(3) NOT NULL, format VARCHAR(12) NOT NULL,
                control_number VARCHAR(190) COLLATE utf8mb4_bin NOT NULL, intake_id INT UNSIGNED NULL, created_at DATETIME NOT NULL, changed_at DATETIME NOT NULL,
                KEY (control_number), KEY (title_key), FOREIGN KEY (intake_id) REFERENCES intake (id))',
            'CREATE TABLE search_document (
                record_id INT UNSIGNED PRIMARY KEY, words MEDIUMTEXT NOT NULL, title_key VARCHAR(190) COLLATE utf8mb4_bin NOT NULL, year SMALLINT NULL,
                format VARCHAR(12) NOT NULL, language CHAR(3) NOT NULL, decade SMALLINT NULL, branches VARCHAR(190) NOT NULL,
                KEY (title_key), KEY (year), KEY facets (format, language, decade, branches), FULLTEXT (words), FOREIGN KEY (record_id) REFERENCES record (id))',
            'CREATE TABLE item (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, version INT NOT NULL DEFAULT 1, record_id INT UNSIGNED NOT NULL,
                barcode VARCHAR(40) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL UNIQUE, status VARCHAR(20) NOT NULL,
                branch_id INT UNSIGNED NOT NULL, at_branch_id INT UNSIGNED NOT NULL, location_id INT UNSIGNED NOT NULL, lending_class_id INT UNSIGNED NOT NULL,
                prefix VARCHAR(40) NOT NULL, call_number VARCHAR(190) NOT NULL, suffix VARCHAR(60) NOT NULL, shelf_key VARBINARY(190) NOT NULL, copy VARCHAR(20) NOT NULL,
                price_minor INT NULL, acquired_on DATE NULL, staff_note VARCHAR(2000) NOT NULL, statement MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL,
                KEY (record_id), KEY (shelf_key), KEY (location_id, shelf_key),
                FOREIGN KEY (record_id) REFERENCES record (id), FOREIGN KEY (branch_id) REFERENCES branch (id), FOREIGN KEY (at_branch_id) REFERENCES branch (id),
                FOREIGN KEY (location_id) REFERENCES shelving_location (id), FOREIGN KEY (lending_class_id) REFERENCES lending_class (id))',
            // One open loan an item: the generated column is unique, and null as soon as the loan has ended.
            'CREATE TABLE loan (
                id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY, item_id INT UNSIGNED NOT NULL, patron_id INT UNSIGNED NOT NULL, branch_id INT UNSIGNED NOT NULL,
                lent_at DATETIME NOT NULL, due_at DATETIME NOT NULL, returned_at DATETIME NULL, taken_back_at DATETIME NULL, renewals SMALLINT NOT NULL DEFAULT 0,
                open_item_id INT UNSIGNED AS (IF(returned_at IS NULL AND taken_back_at IS NULL, item_id, NULL)) STORED UNIQUE,
                open_patron_id INT UNSIGNED AS (IF(returned_at IS NULL AND taken_back_at IS NULL, patron_id, NULL)) STORED,
                KEY (open_patron_id, due_at), KEY (patron_id, lent_at), KEY (item_id, lent_at),
                FOREIGN KEY (item_id) REFERENCES item (id), FOREIGN KEY (patron_id) REFERENCES patron (id), FOREIGN KEY (branch_id) REFERENCES branch (id))',
        ];
    }

    /** @return list<string> */
    private function memory(): array
    {
        return [
            'CREATE TABLE act (
                id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY, digest CHAR(64) CHARACTER SET ascii NOT NULL, answer MEDIUMTEXT NULL, done_at DATETIME NOT NULL, KEY (done_at))',
            'CREATE TABLE journal_entry (
                id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY, at DATETIME(3) NOT NULL, staff_id INT UNSIGNED NULL, staff_name VARCHAR(120) NOT NULL,
                branch_id INT UNSIGNED NULL, desk VARCHAR(60) NOT NULL, act VARCHAR(40) NOT NULL, subject VARCHAR(20) NOT NULL, subject_id INT UNSIGNED NOT NULL,
                before_state MEDIUMTEXT NULL, after_state MEDIUMTEXT NULL, reason VARCHAR(400) NULL, taken_back_by BIGINT UNSIGNED NULL,
                KEY (subject, subject_id, id), KEY (staff_id, id), KEY (act, id), FOREIGN KEY (taken_back_by) REFERENCES journal_entry (id))',
            'CREATE TABLE tape_line (
                id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY, act_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL UNIQUE, branch_id INT UNSIGNED NOT NULL, desk VARCHAR(60) NOT NULL,
                at DATETIME(3) NOT NULL, line MEDIUMTEXT NOT NULL, journal_entry_id BIGINT UNSIGNED NULL, needs_hand TINYINT(1) NOT NULL, settled_at DATETIME NULL,
                KEY (branch_id, desk, id), FOREIGN KEY (branch_id) REFERENCES branch (id), FOREIGN KEY (journal_entry_id) REFERENCES journal_entry (id))',
        ];
    }
}
