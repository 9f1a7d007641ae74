<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\EventFacts;
use App\Domain\Event\EventReader;
use App\Domain\Logbook\Measured;
use App\Domain\Logbook\Measurements;
use App\Drawings\Logbook\SiteCurves;
use App\Models\Event;
use App\Text\Clock;
use App\Text\LogbookWords;
use App\Text\Numbers;

/** The same eclipse at all sites of an organisation: what their thermometers say, each beside the maximum of its own site. */
final readonly class SitesPage
{
    /** @param list<array{event: Event, instrument: string, maximum: string, covered: string, drop: string, worth: string}> $rows */
    private function __construct(
        public array $rows,
        public SiteCurves $curves,
    ) {}

    public static function of(Event $event, EventReader $reader, Measurements $measurements): self
    {
        $rows = $sites = [];
        foreach (Event::query()->where('organisation_id', $event->organisation_id)->where('eclipse_date', $event->eclipse_date)->orderBy('id')->get() as $site) {
            $facts = $reader->facts($site);
            $times = Measurements::times($facts->here);
            foreach ($measurements->of($facts) as $measured) {
                if ($times !== null && $measured->drop !== null && $measured->baseline !== null) {
                    $sites[] = ['measured' => $measured, 'maximumS' => $times->maximumS];
                    $rows[] = self::row($facts, $measured);
                }
            }
        }

        return new self($rows, SiteCurves::of($sites));
    }

    /** @return array{event: Event, instrument: string, maximum: string, covered: string, drop: string, worth: string} */
    private static function row(EventFacts $facts, Measured $measured): array
    {
        $maximum = $facts->here->circumstances->maximum;

        return [
            'event' => $facts->event,
            'instrument' => $measured->log->name,
            'maximum' => Clock::over($facts->here)->secondAndZone($maximum->time()),
            'covered' => __(':n %', ['n' => Numbers::percent($maximum->obscuration())]),
            'drop' => $measured->drop === null ? '' : LogbookWords::drop($measured->drop),
            'worth' => $measured->drop === null ? '' : LogbookWords::worth($measured->drop->worth()),
        ];
    }
}
