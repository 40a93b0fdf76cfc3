<?php

declare(strict_types=1);

namespace TinLantern\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Intakes that are compared before they are taken in, and can be taken back; versions of records, and records that were removed;
 * the rule book of the house; background work.
 */
final class Version20261124090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        foreach ([...$this->records(), ...$this->intakes(), ...$this->house()] as $statement) {
            $this->addSql($statement);
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Versions of records would be lost.');
    }

    /** @return list<string> */
    private function records(): array
    {
        return [
            "ALTER TABLE record ADD changed_by VARCHAR(120) NOT NULL DEFAULT '', ADD cause VARCHAR(20) NOT NULL DEFAULT 'intake', ADD KEY (changed_at, id), ADD KEY (created_at, id)",
            // What a record was before each change; it outlasts the record.
            'CREATE TABLE record_version (
                record_id INT UNSIGNED NOT NULL, version INT NOT NULL, marc MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
                made_at DATETIME NOT NULL, made_by VARCHAR(120) NOT NULL, cause VARCHAR(20) NOT NULL, PRIMARY KEY (record_id, version))',
            'CREATE TABLE removed_record (
                id INT UNSIGNED PRIMARY KEY, version INT NOT NULL, marc MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
                created_at DATETIME NOT NULL, removed_at DATETIME NOT NULL, removed_by VARCHAR(120) NOT NULL, cause VARCHAR(20) NOT NULL,
                merged_into INT UNSIGNED NULL, KEY (removed_at, id))',
            'CREATE TABLE match_key (
                value VARBINARY(120) NOT NULL, record_id INT UNSIGNED NOT NULL, PRIMARY KEY (value, record_id), KEY (record_id),
                FOREIGN KEY (record_id) REFERENCES record (id) ON DELETE CASCADE)',
            'CREATE TABLE record_heading (
                kind CHAR(1) CHARACTER SET ascii NOT NULL, sort_key VARBINARY(120) NOT NULL, record_id INT UNSIGNED NOT NULL,
                written VARCHAR(300) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, PRIMARY KEY (kind, sort_key, record_id), KEY (record_id),
                FOREIGN KEY (record_id) REFERENCES record (id) ON DELETE CASCADE)',
            'CREATE TABLE record_draft (
                staff_id INT UNSIGNED NOT NULL, record_id INT UNSIGNED NOT NULL, text MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
                worksheet VARCHAR(60) NOT NULL, begun_from INT NOT NULL, saved_at DATETIME NOT NULL, PRIMARY KEY (staff_id, record_id),
                FOREIGN KEY (staff_id) REFERENCES staff (id))',
        ];
    }

    /** @return list<string> */
    private function intakes(): array
    {
        return [
            "ALTER TABLE intake
                MODIFY options MEDIUMTEXT NOT NULL, DROP added, DROP items,
                ADD format VARCHAR(12) NOT NULL DEFAULT '', ADD state VARCHAR(12) NOT NULL DEFAULT 'taken-in', ADD path VARCHAR(500) NULL, ADD headings CHAR(64) CHARACTER SET ascii NULL,
                ADD staff_name VARCHAR(120) NOT NULL DEFAULT '', ADD compared_at DATETIME NULL, ADD taken_back_at DATETIME NULL,
                ADD done_to INT NOT NULL DEFAULT 0, ADD items INT NOT NULL DEFAULT 0, ADD unknown_codes MEDIUMTEXT NULL, ADD KEY (headings)",
            'CREATE TABLE intake_record (
                intake_id INT UNSIGNED NOT NULL, place INT NOT NULL, kind VARCHAR(8) NOT NULL, title VARCHAR(300) NOT NULL,
                marc MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NULL, raw MEDIUMBLOB NULL, problem VARCHAR(1000) NOT NULL,
                match_id INT UNSIGNED NULL, matched_on VARCHAR(8) NULL, likeness DECIMAL(4,3) NULL, same_as INT NULL, choice VARCHAR(8) NULL,
                PRIMARY KEY (intake_id, place), KEY (intake_id, kind, place), FOREIGN KEY (intake_id) REFERENCES intake (id))',
            'CREATE TABLE intake_key (
                intake_id INT UNSIGNED NOT NULL, value VARBINARY(120) NOT NULL, place INT NOT NULL, PRIMARY KEY (intake_id, value),
                FOREIGN KEY (intake_id) REFERENCES intake (id))',
            'CREATE TABLE intake_outcome (
                intake_id INT UNSIGNED NOT NULL, place INT NOT NULL, outcome VARCHAR(8) NOT NULL, record_id INT UNSIGNED NULL, version_made INT NULL,
                told MEDIUMTEXT NULL, left_because VARCHAR(400) NULL,
                PRIMARY KEY (intake_id, place), KEY (intake_id, outcome, place), KEY (intake_id, record_id), FOREIGN KEY (intake_id) REFERENCES intake (id))',
            'ALTER TABLE item ADD intake_id INT UNSIGNED NULL, ADD KEY (intake_id, record_id)',
        ];
    }

    /** @return list<string> */
    private function house(): array
    {
        return [
            'CREATE TABLE house_rule (
                kind VARCHAR(20) NOT NULL, code VARCHAR(60) NOT NULL, name VARCHAR(190) NOT NULL, position INT NOT NULL, version INT NOT NULL,
                content MEDIUMTEXT NOT NULL, is_removed TINYINT(1) NOT NULL DEFAULT 0, PRIMARY KEY (kind, code))',
            "CREATE TABLE background_task (
                id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY, kind VARCHAR(40) NOT NULL, subject_id INT UNSIGNED NOT NULL, title VARCHAR(190) NOT NULL,
                state VARCHAR(10) NOT NULL DEFAULT 'waiting', done INT NOT NULL DEFAULT 0, total INT NULL, answer MEDIUMTEXT NULL,
                asked_by INT UNSIGNED NULL, actor MEDIUMTEXT NOT NULL, asked_at DATETIME NOT NULL, seen_at DATETIME NULL, ended_at DATETIME NULL,
                open_subject VARCHAR(80) AS (IF(state IN ('waiting', 'running'), CONCAT(kind, ':', subject_id), NULL)) STORED UNIQUE,
                KEY (state, id), KEY (asked_by, id), FOREIGN KEY (asked_by) REFERENCES staff (id))",
            "INSERT INTO role_permission (role_id, permission)
                SELECT r.id, p.permission FROM role r JOIN (SELECT 'catalogue.take-in' AS permission UNION SELECT 'catalogue.edit' UNION SELECT 'house.edit') p WHERE r.code IN ('cataloguer', 'manager', 'administrator')",
        ];
    }
}
