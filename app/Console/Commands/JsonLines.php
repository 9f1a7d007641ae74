<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Symfony\Component\Console\Output\OutputInterface;

/** Writes records one to a line. */
trait JsonLines
{
    /** @param array<string, mixed>|list<array<string, mixed>> $record */
    private function writeRecord(array $record): void
    {
        $this->output->writeln(
            json_encode($record, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            OutputInterface::OUTPUT_RAW,
        );
    }
}
