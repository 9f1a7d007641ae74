<?php

declare(strict_types=1);

namespace App\Console\Commands\Logbook;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Exports\Logbook\DropRecord;
use App\Imports\ImportException;
use App\Imports\Logbook\LoggerClock;
use App\Imports\Logbook\TemperatureFile;
use App\Text\Refusals;
use Illuminate\Console\Command;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\LogbookException;
use KeenShadow\Core\Logbook\Temperature\Drop;

/** By how much an eclipse cooled the air, from a log; needs no database. See docs/FORMATS.md. */
final class LogbookTemperature extends Command
{
    use JsonLines;
    use StandardError;

    protected $signature = 'logbook:temperature
        {log : CSV file with the columns time (UTC, ISO 8601) and temperature_c; - reads standard input}
        {--c1= : first contact, as 2027-08-02T07:41:17Z}
        {--max= : maximum}
        {--c4= : last contact}';

    protected $description = 'Drop of the temperature in an eclipse, its lag and what they are worth, as one JSON object';

    public function handle(): int
    {
        try {
            $times = $this->times();
            $drop = Drop::of(TemperatureFile::read($this->argument('log')), $times);
        } catch (LogbookException $e) {
            return $this->refuse(Refusals::words($e));
        } catch (ImportException $e) {
            return $this->refuse($e->getMessage());
        }
        $this->writeRecord(DropRecord::of($drop));

        return self::SUCCESS;
    }

    /**
     * @throws ImportException when one is missing or no moment
     * @throws LogbookException when they are out of order
     */
    private function times(): EclipseTimes
    {
        $at = [];
        foreach (['c1', 'max', 'c4'] as $name) {
            try {
                $at[] = LoggerClock::iso()->seconds((string) $this->option($name));
            } catch (ImportException $e) {
                throw new ImportException("--{$name}: {$e->getMessage()}");
            }
        }

        return EclipseTimes::of(...$at);
    }
}
