<?php

declare(strict_types=1);

namespace TinLantern\Demo;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Yaml\Yaml;
use TinLantern\Access\AddStaff;
use TinLantern\Access\Role;
use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Intake\RecordFile;
use TinLantern\Catalogue\Intake\TakeInFile;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\House\HouseDefinition;
use TinLantern\House\SetUpHouse;
use TinLantern\Platform\Cli\ConsoleActor;

/**
 * Fills an empty house with the Vesper Isles: through the same acts as real work, with dates relative to today.
 */
final readonly class LoadDemoWorld
{
    public const PASSWORD = 'lamp-and-anchor';
    public const STAFF = [
        'desk' => ['Nessa Halloway', Role::Desk],
        'cataloguer' => ['Corin Quill', Role::Cataloguer],
        'manager' => ['Greta Saltry', Role::Manager],
        'admin' => ['Osric Tarn', Role::Administrator],
    ];
    private const SEED = 1852;
    private const RECORDS = 6000;

    public function __construct(
        private Connection $connection,
        private SetUpHouse $setUpHouse,
        private AddStaff $addStaff,
        private TakeInFile $takeIn,
        private DemoPatrons $patrons,
        private DemoLoans $loans,
        private DemoPieces $pieces,
        private ConsoleActor $actor,
        private ClockInterface $clock,
        private string $varDirectory,
    ) {
    }

    /** @param \Closure(string): void $say told of each step */
    public function __invoke(\Closure $say): void
    {
        $this->connection->insert('house_state', ['name' => 'demo-world', 'value' => 'loading']);
        ($this->setUpHouse)(new HouseDefinition((array) Yaml::parseFile(__DIR__.'/house.yaml')));
        foreach (self::STAFF as $signInName => [$name, $role]) {
            ($this->addStaff)($signInName, $name, self::PASSWORD, $role, 'LAN');
        }
        $actor = ($this->actor)();
        $say('Taking in the stock of five islands ...');
        $dice = new Dice(self::SEED);
        $file = $this->varDirectory.'/tmp/vesper-isles.mrc';
        self::write($file, (new DemoRecords($dice, (int) $this->clock->now()->format('Y')))->make(self::RECORDS));
        ($this->takeIn)(RecordFile::open($file), new IntakeOptions(ItemMapping::holdings(), new IntakeDefaults('LAN', 'ADULT', 'BOOK')), $actor);
        unlink($file);
        $say('Registering patrons ...');
        $patrons = $this->patrons->register($dice, $actor);
        $say('Lending and returning for three years ...');
        $this->loans->play($dice, $patrons, $actor);
        $this->pieces->describe($this->clock->now());
        $this->connection->executeStatement('INSERT INTO waiting_label (item_id, added_at) SELECT id, NOW(3) FROM item WHERE id % 251 = 0 LIMIT 36');
        $this->connection->update('house_state', ['value' => 'loaded'], ['name' => 'demo-world']);
    }

    /** @param iterable<MarcRecord> $records */
    public static function write(string $file, iterable $records): void
    {
        $writer = new Iso2709Writer();
        $stream = fopen($file, 'w');
        if (false === $stream) {
            throw new \RuntimeException("{$file} cannot be written.");
        }
        foreach ($records as $record) {
            fwrite($stream, $writer->write($record));
        }
        fclose($stream);
    }
}
