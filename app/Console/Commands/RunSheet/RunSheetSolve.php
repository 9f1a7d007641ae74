<?php

declare(strict_types=1);

namespace App\Console\Commands\RunSheet;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Imports\ImportException;
use App\Imports\RunSheet\ProblemFile;
use App\Text\PlainText;
use App\Text\Refusals;
use App\Text\RotationWords;
use Illuminate\Console\Command;
use KeenShadow\Core\RunSheet\Rotation\AnswerRecord;
use KeenShadow\Core\RunSheet\Rotation\ProblemRecord;
use KeenShadow\Core\RunSheet\Rotation\Solver;
use KeenShadow\Core\RunSheet\Rotation\Unmet;
use KeenShadow\Core\RunSheet\RunSheetException;

/** Finds a rotation of groups over stations, with helpers; needs no database. See docs/FORMATS.md. */
final class RunSheetSolve extends Command
{
    use JsonLines;
    use StandardError;

    protected $signature = 'runsheet:solve
        {problem : file with one JSON object; - reads standard input}';

    protected $description = 'Which group is when at which station, and who staffs it, as one JSON object';

    public function handle(): int
    {
        try {
            $given = ProblemFile::read($this->argument('problem'));
            $problem = ProblemRecord::read($given);
        } catch (RunSheetException $e) {
            return $this->refuse(Refusals::words($e));
        } catch (ImportException $e) {
            return $this->refuse($e->getMessage());
        }
        foreach (ProblemRecord::passedOver($given) as $path) {
            $this->say(__('":key" is no key of a problem and was passed over.', ['key' => PlainText::quoted($path)]));
        }
        $this->writeRecord(AnswerRecord::write(Solver::solve($problem), static fn(Unmet $unmet): string => RotationWords::why($problem, $unmet)));

        return self::SUCCESS;
    }
}
