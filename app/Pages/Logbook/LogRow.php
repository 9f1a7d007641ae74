<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\DayRecord;
use App\Text\Clock;
use App\Text\Numbers;
use App\Text\ObservationWords;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Sky\LocalEclipse;

/** One line of the log against time and what was covered then. */
final readonly class LogRow
{
    /**
     * @param string $covered of the Sun's area, or that it was down
     * @param string $what with its number and unit
     * @param string $within how sure its time is
     */
    private function __construct(
        public int $id,
        public string $time,
        public string $covered,
        public string $what,
        public string $words,
        public string $who,
        public string $within,
        public bool $canBeCorrected,
    ) {}

    public static function of(DayRecord $record, LocalEclipse $here): self
    {
        $view = $here->at($record->at);

        return new self(
            id: $record->id,
            time: Clock::over($here)->second($record->at),
            covered: $view->isSunUp() ? __(':n %', ['n' => Numbers::percent($view->obscuration())]) : __('Sun down'),
            what: self::what($record),
            words: $record->words,
            who: $record->who,
            within: match (true) {
                $record->withinS === null => __('clock never compared'),
                $record->isTyped => __('± :time, from paper', ['time' => ObservationWords::within($record->withinS)]),
                default => __('± :time', ['time' => ObservationWords::within($record->withinS)]),
            },
            canBeCorrected: $record->canBeCorrected,
        );
    }

    private static function what(DayRecord $record): string
    {
        $kind = $record->observed === null ? null : ObservationKind::tryFrom($record->observed);
        if ($kind === null) {
            return $record->what === '' ? __('Note') : $record->what;
        }

        return trim(ObservationWords::kind($kind) . ($record->value === null ? '' : ' ' . ObservationWords::value($kind, $record->value)));
    }
}
