<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\DayRecord;
use App\Domain\Logbook\LoggedDay;
use App\Text\ObservationWords;
use KeenShadow\Core\Logbook\ObservationKind;
use KeenShadow\Core\Sky\LocalEclipse;

/** What happened and what was seen, line by line. */
final readonly class LogPage
{
    /**
     * @param list<LogRow> $rows
     * @param list<LogRow> $replaced as they were before they were corrected or taken out
     * @param array<string, string> $kinds of which there are lines, by their word in an address
     */
    private function __construct(
        public string $headline,
        public array $rows,
        public array $replaced,
        public array $kinds,
        public string $shown,
    ) {}

    /** @param string $shown a kind of observation; blank is all */
    public static function of(LoggedDay $day, LocalEclipse $here, string $shown): self
    {
        $kinds = [];
        foreach (ObservationKind::cases() as $kind) {
            if ($day->observed($kind->value) !== []) {
                $kinds[$kind->value] = ObservationWords::kind($kind);
            }
        }
        $row = static fn(DayRecord $record): LogRow => LogRow::of($record, $here);

        return new self(
            $day->standing === [] ? __('Nothing is written down yet.') : trans_choice('{1} 1 line is written down.|[2,*] :count lines are written down.', count($day->standing)),
            array_map($row, isset($kinds[$shown]) ? $day->observed($shown) : $day->standing),
            array_map($row, $day->replaced),
            $kinds,
            isset($kinds[$shown]) ? $shown : '',
        );
    }
}
