<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Domain\Site\EventPlan;
use App\Models\Event;
use App\Text\Numbers;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Training\Demonstrations\ScaleModel;

/** What can be shown with things from the kitchen, in the event's own yard. */
final class Demonstrations
{
    /** Where the plan has no two places. */
    private const USUAL_YARD_M = 30.0;
    private const HOOP_MM = 400.0;
    private const MM_PER_M = 1000.0;

    /** @return list<array{name: string, what: string, materials: list<string>, steps: list<string>}> */
    public static function of(Event $event): array
    {
        return [self::scale($event), self::months(), self::beads()];
    }

    /** @return array{name: string, what: string, materials: list<string>, steps: list<string>} */
    private static function scale(Event $event): array
    {
        [$from, $to, $yardM] = self::farthest(EventPlan::of($event)->plan()->places()) ?? [__('one end of the yard'), __('the other'), self::USUAL_YARD_M];
        $model = ScaleModel::in($yardM);
        $mm = static fn(float $mm): string => $mm >= self::MM_PER_M ? Numbers::decimal($mm / self::MM_PER_M, 2) . ' m' : Numbers::decimal($mm, $mm < 10 ? 1 : 0) . ' mm';
        $numbers = ['from' => $from, 'to' => $to, 'yard' => Numbers::decimal($yardM, 0), 'sun' => $mm($model->sunMm()), 'earth' => $mm($model->earthMm()), 'moon' => $mm($model->moonMm()), 'away' => $mm($model->moonAwayMm())];

        return [
            'name' => __('Sun, Earth and Moon to one scale'),
            'what' => __('From “:from” to “:to” it is :yard m. With the Sun at one end and the Earth at the other, all sizes and distances are to one scale.', $numbers),
            'materials' => [__('a disc or ball of :sun for the Sun', $numbers), __('a ball of :earth for the Earth', $numbers), __('a ball of :moon for the Moon', $numbers), __('a ruler')],
            'steps' => [
                __('Put the Sun up at “:from” and stand with the Earth at “:to”.', $numbers),
                __('Hold the Moon :away before the Earth.', $numbers),
                __('Look from the Earth with one eye: the small Moon just covers the large Sun.'),
            ],
        ];
    }

    /** @return array{name: string, what: string, materials: list<string>, steps: list<string>} */
    private static function months(): array
    {
        $numbers = ['above' => Numbers::decimal(ScaleModel::aboveMm(self::HOOP_MM), 0), 'wide' => Numbers::decimal(2 * self::HOOP_MM / self::MM_PER_M, 1), 'earths' => Numbers::decimal(ScaleModel::missesByEarths(), 1)];

        return [
            'name' => __('Why there is not an eclipse every month'),
            'what' => __('The Moon\'s way is tilted by five degrees: its shadow passes up to :earths Earths above or below us. Only where the two planes meet can it hit.', $numbers),
            'materials' => [__('a hoop :wide m wide', $numbers), __('a lamp at the height of the hoop'), __('a small ball in the middle of the hoop for the Earth'), __('a bead on the hoop for the Moon')],
            'steps' => [
                __('Hold the hoop so that one side is :above mm above the Earth, and the side across as much below.', $numbers),
                __('Let the bead pass between lamp and Earth, with the high side towards the lamp: its shadow passes above.'),
                __('Turn lamp or hoop by a quarter of the year: now the bead passes at the height of the Earth, and its shadow hits.'),
            ],
        ];
    }

    /** @return array{name: string, what: string, materials: list<string>, steps: list<string>} */
    private static function beads(): array
    {
        return [
            'name' => __('Beads of light, with a sieve'),
            'what' => __('The edge of the Moon has valleys. The last light of the Sun comes through them as beads, one after the other. A lamp shows it, never the Sun.'),
            'materials' => [__('a flour sieve'), __('a lid as wide as the sieve'), __('a frosted lamp')],
            'steps' => [
                __('Stand some steps from the lamp and hold the sieve before it.'),
                __('Slide the lid over the sieve: at the last, single meshes are left, each a bead of light.'),
                __('Ask which one goes out last, and what is seen when the lid moves on.'),
            ],
        ];
    }

    /**
     * @param list<Thing> $places
     *
     * @return array{string, string, float}|null the two farthest from each other, with metres between them; null where there are no two a metre apart
     */
    private static function farthest(array $places): ?array
    {
        $most = null;
        foreach ($places as $i => $from) {
            foreach (array_slice($places, $i + 1) as $to) {
                $metres = $from->middle->distanceM($to->middle);
                if ($metres >= ScaleModel::LEAST_M && $metres > ($most[2] ?? 0.0)) {
                    $most = [$from->name, $to->name, $metres];
                }
            }
        }

        return $most;
    }
}
