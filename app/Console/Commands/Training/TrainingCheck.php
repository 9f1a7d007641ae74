<?php

declare(strict_types=1);

namespace App\Console\Commands\Training;

use App\Console\Commands\StandardError;
use App\Imports\CommandFile;
use App\Imports\ImportException;
use App\Text\Refusals;
use Illuminate\Console\Command;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Training\Scenes\SceneFile;
use KeenShadow\Core\Training\Steps\OrderFile;

/** Reads scenes, or orders of steps, that somebody has written, and holds them against the rule book; needs no database. See docs/FORMATS.md. */
final class TrainingCheck extends Command
{
    use StandardError;

    private const KILOBYTES = 1000;
    private const DEEPEST = 32;

    protected $signature = 'training:check
        {file : scenes or orders of steps as JSON; - reads standard input}';

    protected $description = 'Whether scenes or orders of steps make sense and praise nothing that the rules forbid';

    public function handle(): int
    {
        try {
            $given = json_decode(CommandFile::text($this->argument('file'), self::KILOBYTES), true, self::DEEPEST);
            if (!is_array($given) || !array_is_list($given) || $given === []) {
                return $this->refuse(__('This is no list of scenes or of orders: write [ … ].'));
            }
            $isOfSteps = is_array($given[0]) && isset($given[0]['steps']);
            $count = count($isOfSteps ? OrderFile::read($given, Standard::book()) : SceneFile::read($given, Standard::book()));
        } catch (ImportException $e) {
            return $this->refuse($e->getMessage());
        } catch (Refusal $e) {
            return $this->refuse(Refusals::words($e));
        }
        $this->line($isOfSteps ? trans_choice('{1} 1 order of steps is in order.|[2,*] :count orders of steps are in order.', $count) : trans_choice('{1} 1 scene is in order.|[2,*] :count scenes are in order.', $count));

        return self::SUCCESS;
    }
}
