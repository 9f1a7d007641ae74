<?php

declare(strict_types=1);

namespace App\Console\Commands\Eyewear;

use App\Console\Commands\StandardError;
use App\Devices\Eyewear\SampleFilter;
use Illuminate\Console\Command;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Console\Output\OutputInterface;

/** A simulated spectrophotometer: writes the scan of a filter that does not exist as CSV, and can misbehave. */
final class SpectrophotometerStandIn extends Command
{
    use StandardError;

    private const FAULTS = ['none', 'noise', 'gap', 'short', 'micrometres'];
    private const FROM_NM = 280;
    private const TO_NM = 1400;
    private const NOISE = 2e-6;

    protected $signature = 'devices:spectrophotometer
        {sample=good : good, fake, leaky (in infrared), scratched}
        {--fault=none : none, noise, gap (900 to 1000 nm), short (to 1100 nm), micrometres}
        {--step=1 : nanometres between readings}
        {--seed=1 : the same seed scatters the same way}';

    protected $description = 'Simulated spectrophotometer: the scan of an invented filter as CSV';

    public function handle(): int
    {
        $sample = SampleFilter::tryFrom($this->argument('sample'));
        $fault = $this->option('fault');
        $step = (int) $this->option('step');
        if ($sample === null || !in_array($fault, self::FAULTS, true) || $step < 1) {
            return $this->refuse(__('Samples: :samples; faults: :faults; a step of whole nanometres.', ['samples' => implode(', ', array_column(SampleFilter::cases(), 'value')), 'faults' => implode(', ', self::FAULTS)]));
        }
        $random = new Randomizer(new Mt19937((int) $this->option('seed')));
        $lines = ['nm,transmittance'];
        for ($nm = self::FROM_NM; $nm <= ($fault === 'short' ? 1100 : self::TO_NM); $nm += $step) {
            if ($fault !== 'gap' || $nm <= 900 || $nm >= 1000) {
                $noise = $fault === 'noise' ? self::NOISE * ($random->getInt(-1000, 1000) / 1000) : 0.0;
                $lines[] = ($fault === 'micrometres' ? $nm / 1000 : $nm) . ',' . sprintf('%.4e', $sample->transmittance((float) $nm) + $noise);
            }
        }
        $this->output->writeln($lines, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
