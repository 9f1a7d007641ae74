<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\RunSheet\WrittenDuty;
use App\Models\RunSheet\Helper;
use App\Text\Days;

/** What a helper sees at their private address: their own duties and nothing of anybody else. */
final readonly class OwnDuties
{
    /**
     * @param string $headline what comes first
     * @param list<array{id: int, event: string, place: string, day: string, zone: string, filters: string, duties: list<array{time: string, what: string, where: string, lines: list<string>}>}> $events
     */
    private function __construct(public string $name, public string $headline, public array $events) {}

    /** @param list<WrittenDuty> $duties in order of time */
    public static function of(Helper $helper, array $duties): self
    {
        $events = [];
        foreach ($duties as $duty) {
            $event = $events[$duty->event->id] ?? ['id' => $duty->event->id, 'event' => $duty->event->title, 'place' => $duty->event->place_name, 'day' => Days::full($duty->from->setTimezone($duty->zone)), 'zone' => $duty->clock->zone(), 'filters' => $duty->filters, 'duties' => []];
            $event['duties'][] = [
                'time' => $duty->clock->span($duty->from, $duty->to),
                'what' => $duty->what,
                'where' => $duty->where,
                'lines' => $duty->lines,
            ];
            $events[$duty->event->id] = $event;
        }

        return new self(
            $helper->name,
            $duties === []
                ? __('Nothing is planned for you yet.')
                : trans_choice('{1} 1 duty, from :time on :day.|[2,*] :count duties, the first at :time on :day.', count($duties), ['time' => $duties[0]->clock->minuteAndZone($duties[0]->from), 'day' => Days::full($duties[0]->from->setTimezone($duties[0]->zone))]),
            array_values($events),
        );
    }
}
