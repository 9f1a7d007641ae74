<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Domain\Audience\EventYard;
use App\Drawings\Audience\QueueCurve;
use App\Drawings\Audience\YardPicture;
use App\Text\AudienceWords;
use App\Text\Clock;
use KeenShadow\Core\Audience\Crowd\Waiting;
use KeenShadow\Core\Audience\Yard\Attendance;
use KeenShadow\Core\Audience\Yard\BestMinutes;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Sky\LocalEclipse;

/** All stations of an event played through: who gets a look in time, where people wait, and the yard as a moving picture. */
final readonly class StationsPage
{
    /** More are not played through in the time a page may take. */
    public const MOST_LOOKS = 20000;

    /**
     * @param list<StationRow> $stations
     * @param list<array{name: string, people: int, comes: string, first: string, done: string}> $groups
     */
    private function __construct(
        public string $headline,
        public string $least,
        public array $stations,
        public array $groups,
        public YardPicture $picture,
    ) {}

    /** @param int $fit pairs of glasses that are fit */
    public static function of(EventYard $yard, SitePlan $plan, LocalEclipse $here, BestMinutes $minutes, int $fit, int $seed): self
    {
        $day = $yard->yard($minutes->bestS, $seed);
        $visits = $day->play();
        $done = $day->doneBy($visits, $minutes->toS);
        $least = $day->leastPlaces($minutes->toS);
        $people = array_sum(array_map($day->peopleOf(...), array_keys($done)));
        $rows = [];
        foreach ($yard->stations as $number => $station) {
            $waiting = Waiting::at($visits, $number);
            $rows[] = StationRow::of($station, $yard, $waiting, $least[$number] ?? null, QueueCurve::of($waiting, $here, $minutes->bestS, $minutes->endS), $minutes, $fit);
        }
        $by = Clock::over($here)->minute($here->begins()->modify(sprintf('+%d seconds', (int) $minutes->toS)));

        return new self(
            headline: trans_choice('{0} Nobody of :people has had every look by :by|{1} 1 of :people has had every look by :by|[2,*] :count of :people have had every look by :by', array_sum($done), ['people' => $people, 'by' => $by]),
            least: $least === null ? __('No number of places is enough for everybody: some come too late for it.') : __('Enough for everybody to have every look by then: the places in the last column.'),
            stations: $rows,
            groups: array_map(static fn(Attendance $a): array => [
                'name' => $a->name,
                'people' => $a->group->people,
                'comes' => AudienceWords::comes($a->coming, $a->aheadMin),
                'first' => $a->goesFirst ? __('yes') : '–',
                'done' => $day->peopleOf($a->name) === 0 ? __('nobody queues: each has one of their own') : __(':done of :people', ['done' => $done[$a->name] ?? 0, 'people' => $day->peopleOf($a->name)]),
            ], $yard->attendances),
            picture: YardPicture::of($yard, $day, $visits, $plan, $here, $minutes),
        );
    }
}
