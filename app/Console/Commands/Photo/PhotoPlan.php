<?php

declare(strict_types=1);

namespace App\Console\Commands\Photo;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Imports\ImportException;
use App\Imports\Photo\PlanFile;
use App\Text\PhotoWords;
use App\Text\PlainText;
use App\Text\Refusals;
use Illuminate\Console\Command;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\PlanRecord;

/** What a camera sees of an eclipse, how it is exposed, and how long the shots take; needs no database. See docs/FORMATS.md. */
final class PhotoPlan extends Command
{
    use JsonLines;
    use StandardError;

    protected $signature = 'photo:plan
        {plan : file with one JSON object; - reads standard input}';

    protected $description = 'Image, field, drift, exposures and the time that shots take, as one JSON object';

    public function handle(): int
    {
        try {
            $given = PlanFile::read($this->argument('plan'));
            $plan = PlanRecord::read($given);
        } catch (PhotoException $e) {
            return $this->refuse(Refusals::words($e));
        } catch (ImportException $e) {
            return $this->refuse($e->getMessage());
        }
        foreach (PlanRecord::passedOver($given) as $path) {
            $this->say(__('":key" is no key of a plan and was passed over.', ['key' => PlainText::quoted($path)]));
        }
        $warning = PhotoWords::warning($plan);
        if ($warning !== null) {
            $this->say($warning);
        }
        $this->writeRecord(PlanRecord::figures($plan) + ['warnings' => $warning === null ? [] : [$warning]]);

        return self::SUCCESS;
    }
}
