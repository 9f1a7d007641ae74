<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Symfony\Component\Console\Output\OutputInterface;

/** Says what is wrong where no program reads it; as it is, for what was sent may look like the console's own tags. */
trait StandardError
{
    /** @return int the status for what makes no sense */
    private function refuse(string $words): int
    {
        $this->say($words);

        return self::INVALID;
    }

    private function say(string $words): void
    {
        $this->getOutput()->getErrorStyle()->writeln($words, OutputInterface::OUTPUT_RAW);
    }
}
