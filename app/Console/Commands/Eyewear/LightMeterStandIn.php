<?php

declare(strict_types=1);

namespace App\Console\Commands\Eyewear;

use App\Console\Commands\StandardError;
use App\Devices\Eyewear\SampleFilter;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** A simulated light meter: three readings of a filter that does not exist as CSV, rounded to its last digit. */
final class LightMeterStandIn extends Command
{
    use StandardError;

    private const OPEN_LX = 100000.0;
    /** Where the eye is keenest. */
    private const GREEN_NM = 555.0;

    protected $signature = 'devices:light-meter
        {sample=good : good, fake, leaky (in infrared), scratched}
        {--resolution=0.1 : last digit in lux}
        {--stray=0 : lux that come past the rim of the lens}';

    protected $description = 'Simulated light meter: dark, open and behind an invented filter as CSV';

    public function handle(): int
    {
        $sample = SampleFilter::tryFrom($this->argument('sample'));
        $digit = (float) $this->option('resolution');
        if ($sample === null || $digit <= 0) {
            return $this->refuse(__('Samples: :samples; a resolution above 0.', ['samples' => implode(', ', array_column(SampleFilter::cases(), 'value'))]));
        }
        $behind = self::OPEN_LX * $sample->transmittance(self::GREEN_NM) + (float) $this->option('stray');
        foreach (['place,lux', 'dark,0', 'open,' . self::OPEN_LX, 'behind,' . round(round($behind / $digit) * $digit, 6)] as $line) {
            $this->output->writeln($line, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
