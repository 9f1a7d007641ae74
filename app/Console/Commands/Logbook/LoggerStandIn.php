<?php

declare(strict_types=1);

namespace App\Console\Commands\Logbook;

use App\Console\Commands\StandardError;
use App\Devices\Logbook\LogFault;
use App\Devices\Logbook\SampleLog;
use App\Exports\CsvLine;
use App\Text\Refusals;
use DateTimeZone;
use Illuminate\Console\Command;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SkyException;
use Symfony\Component\Console\Output\OutputInterface;

/** A simulated logger: temperature, light and pressure around an eclipse as CSV; the weather is invented, and it can misbehave. */
final class LoggerStandIn extends Command
{
    use StandardError;

    protected $signature = 'devices:logger
        {date=2027-08-02 : of the eclipse}
        {--lat=36.53} {--lon=-6.29}
        {--drop=4 : kelvins that a whole covered Sun takes}
        {--lag=10 : minutes}
        {--every=60 : seconds between readings}
        {--fault=none : none, noise, gap, drift, zone (times an hour off, without a zone)}
        {--seed=1 : the same seed scatters the same way}';

    protected $description = 'Simulated logger: temperature, light and pressure in an eclipse as CSV';

    public function handle(): int
    {
        $fault = LogFault::tryFrom((string) $this->option('fault'));
        $every = (int) $this->option('every');
        if ($fault === null || $every < 1) {
            return $this->refuse(__('Faults: :faults; whole seconds between readings.', ['faults' => implode(', ', array_column(LogFault::cases(), 'value'))]));
        }
        try {
            $here = LocalEclipse::seenFrom((new EclipseSearch())->onDate($this->argument('date')), Observer::at((float) $this->option('lat'), (float) $this->option('lon')), new DateTimeZone('UTC'), new Ephemeris());
        } catch (SkyException $e) {
            return $this->refuse(Refusals::words($e));
        }
        $log = new SampleLog($here, (float) $this->option('drop'), (float) $this->option('lag'), $fault, (int) $this->option('seed'));
        $this->write(CsvLine::of(['time', 'temperature_c', 'light_lux', 'pressure_hpa']));
        foreach ($log->readings($every) as [$at, $celsius, $lux, $hectopascal]) {
            $time = $fault === LogFault::Zone ? $at->modify('+1 hour')->format('Y-m-d H:i:s') : $at->format('Y-m-d\TH:i:s\Z');
            $this->write(CsvLine::of([$time, $celsius, $lux, $hectopascal]));
        }

        return self::SUCCESS;
    }

    private function write(string $line): void
    {
        $this->output->write($line, false, OutputInterface::OUTPUT_RAW);
    }
}
