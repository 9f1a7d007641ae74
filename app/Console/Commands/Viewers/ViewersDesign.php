<?php

declare(strict_types=1);

namespace App\Console\Commands\Viewers;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Exports\Viewers\ImagePicture;
use App\Imports\ImportException;
use App\Imports\Viewers\DesignFile;
use App\Text\Refusals;
use App\Text\RuleWords;
use Illuminate\Console\Command;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Rule;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignFigures;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Design\Judgement;
use KeenShadow\Core\Viewers\Light;
use KeenShadow\Core\Viewers\Picture\BittenSun;
use KeenShadow\Core\Viewers\Picture\SimulatedImage;
use KeenShadow\Core\Viewers\ViewerException;

/** Computes a viewer from its design, and draws what it shows; needs no database. See docs/FORMATS.md. */
final class ViewersDesign extends Command
{
    use JsonLines;
    use StandardError;

    protected $signature = 'viewers:design
        {design : file with one JSON object; - reads standard input}
        {--image= : PNG file to write the simulated image to}
        {--obscuration=0 : share of the Sun\'s area that is covered in it, 0 to 1}';

    protected $description = 'What a viewer shows of the Sun, as one JSON object';

    public function handle(): int
    {
        try {
            $given = DesignFile::read($this->argument('design'));
            $light = DesignRecord::light($given);
            $design = DesignRecord::read($given);
            $figures = DesignFigures::of($design, $light);
            $picture = $this->option('image') === null ? null : $this->picture($design, $light);
        } catch (Refusal $e) {
            return $this->refuse(Refusals::words($e));
        } catch (ImportException $e) {
            return $this->refuse($e->getMessage());
        }
        if ($picture !== null && @file_put_contents($this->option('image'), $picture) === false) {
            return $this->refuse(__('The file :path cannot be written.', ['path' => $this->option('image')]));
        }
        $answer = Standard::book()->ask($design->situation($light));
        $this->writeRecord($figures + [
            'verdict' => $answer->permission->value,
            'conditions' => array_map(RuleWords::sentence(...), $answer->conditions),
            'rules' => array_map(static fn(Rule $rule): string => $rule->id, $answer->rules),
            'findings' => array_map(static fn(Finding $finding): string => $finding->rule, Judgement::of($design, $light)->findings),
        ]);

        return self::SUCCESS;
    }

    /** @throws ViewerException when no such share can be covered */
    private function picture(Design $design, Light $light): string
    {
        $share = $this->option('obscuration');
        if (!is_numeric($share)) {
            throw ViewerException::notANumber('obscuration', $share);
        }
        ViewerException::within('obscuration', (float) $share, 0.0, 1.0);

        return ImagePicture::png(SimulatedImage::of($design->image($light), $design->shape, BittenSun::covered((float) $share, $design->turn()), $design->surroundings->strayLx($light->sunLx)));
    }
}
