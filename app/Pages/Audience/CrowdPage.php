<?php

declare(strict_types=1);

namespace App\Pages\Audience;

use App\Drawings\Audience\QueueCurve;
use App\Text\Clock;
use App\Text\Durations;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Crowd\LeastPlaces;
use KeenShadow\Core\Audience\Crowd\Party;
use KeenShadow\Core\Audience\Crowd\Simulation;
use KeenShadow\Core\Audience\Crowd\Station;
use KeenShadow\Core\Audience\Crowd\Waiting;
use KeenShadow\Core\Audience\Yard\BestMinutes;
use KeenShadow\Core\Sky\LocalEclipse;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** A crowd at one station over an eclipse: how long people wait, who gets a look before the maximum, how many places are enough. */
final readonly class CrowdPage
{
    private function __construct(
        public string $headline,
        public string $waits,
        public string $best,
        public string $least,
        public QueueCurve $curve,
    ) {}

    public static function of(LocalEclipse $here, BestMinutes $minutes, int $people, Coming $coming, Station $station, int $seed): self
    {
        $maximumS = $minutes->bestS;
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $party = new Party('', $coming->arrivals($people, $maximumS, $random), [0]);
        $waiting = Waiting::at(Simulation::run([$station], [$party], $random), 0);
        $before = $waiting->lookedBetween(0.0, $maximumS);
        $least = LeastPlaces::of([$station], [$party], $maximumS, $seed)[0] ?? null;
        $max = Clock::over($here)->minute($here->bestVisible()->time());

        return new self(
            headline: trans_choice('{0} Nobody of :people gets a whole look before the maximum at :max|{1} 1 of :people gets a whole look before the maximum at :max|[2,*] :count of :people get a whole look before the maximum at :max', $before, ['people' => $people, 'max' => $max]),
            waits: $waiting->longestS < 1.0 ? __('Nobody waits.') : __('Half wait no longer than :half, nineteen in twenty no longer than :most, the last one :last.', [
                'half' => Durations::toTheSecond($waiting->quantileS(0.5)), 'most' => Durations::toTheSecond($waiting->quantileS(0.95)), 'last' => Durations::toTheSecond($waiting->longestS),
            ]),
            best: trans_choice('{0} In the best ten minutes, around the maximum, nobody looks.|{1} In the best ten minutes, around the maximum, 1 looks.|[2,*] In the best ten minutes, around the maximum, :count look.', $waiting->lookedBetween($minutes->fromS, $minutes->toS)),
            least: $least === null
                ? __('No number of places is enough for everybody to look before the maximum: some come too late for it.')
                : trans_choice('{1} With 1 place everybody gets a look before the maximum.|[2,*] With :count places everybody gets a look before the maximum.', $least),
            curve: QueueCurve::of($waiting, $here, $maximumS, max($maximumS * 1.1, $minutes->endS)),
        );
    }
}
