<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Symfony\Component\Uid\Uuid;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Problem\Invalid;

/**
 * Keeps a file that somebody sends, as a stream, and says what it is.
 */
final readonly class ReceiveFile
{
    public function __construct(private Intakes $intakes, private IntakeOptionsOf $optionsOf, private string $varDirectory)
    {
    }

    /**
     * @param resource $content
     *
     * @throws Invalid when it is no file of records, with a sentence that says what it is instead
     */
    public function __invoke($content, string $name, Actor $actor): BegunIntake
    {
        $directory = $this->varDirectory.'/intakes';
        if (!is_dir($directory)) {
            mkdir($directory, 0700, true);
        }
        $path = $directory.'/'.Uuid::v7()->toRfc4122();
        $kept = fopen($path, 'w');
        if (false === $kept || false === stream_copy_to_stream($content, $kept) || !fclose($kept)) {
            throw new \RuntimeException("{$path} cannot be written.");
        }
        try {
            $file = RecordFile::open($path, $name);

            return $this->intakes->receive($file, ($this->optionsOf)(new IntakeChoices(columns: $this->intakes->rememberedColumns($file))), $actor);
        } catch (NotARecordFile $wrong) {
            unlink($path);
            throw new Invalid(['file' => $wrong->getMessage()]);
        }
    }
}
