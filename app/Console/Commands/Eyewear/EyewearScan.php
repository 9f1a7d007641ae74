<?php

declare(strict_types=1);

namespace App\Console\Commands\Eyewear;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Imports\Eyewear\ScanFile;
use App\Imports\ImportException;
use Illuminate\Console\Command;
use KeenShadow\Core\Eyewear\Spectrum\Assessment;
use KeenShadow\Core\Eyewear\Spectrum\Band;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;

/** Judges a scan of a lens, or of two, by what ISO 12312-2 asks of a spectrum; needs no database. See docs/FORMATS.md. */
final class EyewearScan extends Command
{
    use JsonLines;
    use StandardError;

    private const UNDECIDED = 3;

    protected $signature = 'eyewear:scan
        {scan : CSV file of the right lens; - reads standard input}
        {--left= : CSV file of the left lens}';

    protected $description = 'What a spectrum shows of a filter for looking at the Sun, as one JSON object';

    public function handle(): int
    {
        $left = $this->option('left');
        try {
            $right = ScanFile::read($this->argument('scan'));
            $assessment = Assessment::of($right, $left === null ? null : ScanFile::read($left));
        } catch (ImportException $e) {
            return $this->refuse($e->getMessage());
        }
        [$uva, $uvb, $ir] = [$right->over(Band::Uva), $right->over(Band::Uvb), $right->over(Band::Infrared)];
        $this->writeRecord([
            'tau_v' => $assessment->luminous,
            'uva_mean' => $uva['mean'] ?? null,
            'uva_max' => $uva['most'] ?? null,
            'uvb_mean' => $uvb['mean'] ?? null,
            'uvb_max' => $uvb['most'] ?? null,
            'ir_mean' => $ir['mean'] ?? null,
            'ir_max' => $ir['most'] ?? null,
            'optical_density' => $assessment->opticalDensity(),
            'shade' => $assessment->shade(),
            'right_left_ratio' => $assessment->rightLeftRatio,
            'clauses' => array_map(static fn(Outcome $outcome): string => $outcome->value, $assessment->clauses),
            'verdict' => $assessment->verdict->value,
        ]);

        return match ($assessment->verdict) {
            Outcome::Met => self::SUCCESS,
            Outcome::NotMet => self::FAILURE,
            Outcome::Undecided, Outcome::NotTested => self::UNDECIDED,
        };
    }
}
