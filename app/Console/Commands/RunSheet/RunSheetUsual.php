<?php

declare(strict_types=1);

namespace App\Console\Commands\RunSheet;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Imports\ImportException;
use App\Imports\RunSheet\UsualFile;
use App\Text\CueWords;
use App\Text\Refusals;
use Illuminate\Console\Command;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\RunSheet\Cues\UsualCue;
use KeenShadow\Core\RunSheet\Cues\UsualRequest;

/** The usual cues of a place, so that what is called there can be read beforehand; needs no database. See docs/FORMATS.md. */
final class RunSheetUsual extends Command
{
    use JsonLines;
    use StandardError;

    protected $signature = 'runsheet:usual
        {request : file with one JSON object; - reads standard input}';

    protected $description = 'What is usually called at a place in an eclipse, and where the Sun stands then, as one JSON list';

    public function handle(): int
    {
        try {
            $request = UsualRequest::read(UsualFile::read($this->argument('request')));
        } catch (Refusal $e) {
            return $this->refuse(Refusals::words($e));
        } catch (ImportException $e) {
            return $this->refuse($e->getMessage());
        }
        $this->writeRecord($request->answer(static fn(UsualCue $cue): string => CueWords::usual($cue)['call']));

        return self::SUCCESS;
    }
}
