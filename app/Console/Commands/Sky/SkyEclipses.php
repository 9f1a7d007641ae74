<?php

declare(strict_types=1);

namespace App\Console\Commands\Sky;

use App\Console\Commands\JsonLines;
use App\Console\Commands\StandardError;
use App\Exports\Sky\EclipseRecord;
use App\Text\Refusals;
use Illuminate\Console\Command;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\LunarSearch;
use KeenShadow\Core\Sky\SkyException;

/** The eclipses of a span of years, found anew from the series, as JSON Lines; needs no database. See docs/FORMATS.md. */
final class SkyEclipses extends Command
{
    use JsonLines;
    use StandardError;

    protected $signature = 'sky:eclipses
        {--from=1900 : first year}
        {--to=2199 : last year}
        {--lunar : eclipses of the Moon instead of the Sun}';

    protected $description = 'Solar or lunar eclipses of a span of years, as JSON Lines';

    public function handle(): int
    {
        try {
            [$from, $to] = [$this->year('from'), $this->year('to')];
            EclipseSearch::span($from, $to);
        } catch (SkyException $e) {
            return $this->refuse(Refusals::words($e));
        }
        if ($this->option('lunar') === true) {
            foreach ((new LunarSearch())->inYears($from, $to) as $eclipse) {
                $this->writeRecord(EclipseRecord::ofLunar($eclipse));
            }
        } else {
            foreach ((new EclipseSearch())->inYears($from, $to) as $eclipse) {
                $this->writeRecord(EclipseRecord::ofSolar($eclipse));
            }
        }

        return self::SUCCESS;
    }

    private function year(string $option): int
    {
        $text = $this->option($option);

        return is_string($text) && ctype_digit($text) ? (int) $text : throw SkyException::notANumber($option, is_string($text) ? $text : '');
    }
}
