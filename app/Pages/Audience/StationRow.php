<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Domain\Audience\EventYard;
use App\Drawings\Audience\QueueCurve;
use App\Models\Audience\AudienceStation;
use App\Text\AudienceWords;
use App\Text\Durations;
use App\Text\Numbers;
use KeenShadow\Core\Audience\Crowd\Waiting;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Yard\BestMinutes;

/** One station: how it goes there, how long people wait, and how many places are enough. */
final readonly class StationRow
{
    /**
     * @param string $place where it stands, or that nobody has said it
     * @param string $look how long a look is
     * @param string $waits how long people wait
     * @param int $best how many look in the best ten minutes
     * @param int|null $least places that are enough; null where no number is
     */
    private function __construct(
        public AudienceStation $station,
        public string $name,
        public int $people,
        public string $place,
        public string $look,
        public string $short,
        public string $waits,
        public int $best,
        public ?int $least,
        public QueueCurve $curve,
    ) {}

    /** @param int $fit pairs of glasses that are fit */
    public static function of(AudienceStation $station, EventYard $yard, Waiting $waiting, ?int $least, QueueCurve $curve, BestMinutes $minutes, int $fit): self
    {
        return new self(
            station: $station,
            name: AudienceWords::method($station->method),
            people: $yard->peopleOf($station),
            place: match (true) {
                $station->place === null => __('not on the plan'),
                $yard->thingOf($station) === null => __('“:place” is gone from the plan', ['place' => $station->place]),
                default => $station->place,
            },
            look: $station->spread_s > 0
                ? __(':look ± :spread s, then :hand s', ['look' => Numbers::decimal($station->look_s, 0), 'spread' => Numbers::decimal($station->spread_s, 0), 'hand' => Numbers::decimal($station->hand_s, 0)])
                : __(':look s, then :hand s', ['look' => Numbers::decimal($station->look_s, 0), 'hand' => Numbers::decimal($station->hand_s, 0)]),
            short: $station->method === Method::Glasses && $fit < $station->places ? trans_choice('{0} no pair is fit yet|{1} only 1 pair is fit yet|[2,*] only :count pairs are fit yet', $fit) : '',
            waits: $waiting->longestS < 1 ? __('nobody waits') : __('half up to :half, the last :last', ['half' => Durations::toTheSecond($waiting->quantileS(0.5)), 'last' => Durations::toTheSecond($waiting->longestS)]),
            best: $waiting->lookedBetween($minutes->fromS, $minutes->toS),
            least: $least,
            curve: $curve,
        );
    }
}
