<?php

declare(strict_types=1);

namespace TinLantern\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Words of search documents are compared byte by byte: they are folded already. Shelves are gone along by location, also by one that is temporary';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE search_document DROP KEY words, MODIFY words MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, ADD FULLTEXT KEY words (words), ALGORITHM=COPY');
        $this->addSql('ALTER TABLE item DROP KEY shelf_key, ADD KEY temporary_shelf (temporary_location_id, shelf_key), DROP KEY temporary_location_id');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE item ADD KEY shelf_key (shelf_key), ADD KEY temporary_location_id (temporary_location_id), DROP KEY temporary_shelf');
        $this->addSql('ALTER TABLE search_document DROP KEY words, MODIFY words MEDIUMTEXT NOT NULL, ADD FULLTEXT KEY words (words), ALGORITHM=COPY');
    }
}
