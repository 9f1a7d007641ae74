<?php

declare(strict_types=1);

namespace App\Domain\Photo;

use App\Text\Clock;
use App\Text\FilterWords;
use App\Text\KitWords;
use App\Text\Numbers;
use App\Text\PhotoWords;
use KeenShadow\Core\Photo\PlannedShot;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Photo\Programme\PartialPicture;
use KeenShadow\Core\Photo\Programme\Wanted;
use KeenShadow\Core\Photo\Shot;
use KeenShadow\Core\Photo\ShotList;
use KeenShadow\Core\Photo\ShutterStep;
use KeenShadow\Core\Photo\Wish;
use KeenShadow\Core\Time\JulianDate;

/** What a camera takes, written out: its list in totality, the one for clouds, the partial phases. */
final readonly class WrittenShots
{
    private const DAY_S = 86400;

    /**
     * @param list<array{number: int, name: string, exposures: string, frames: int, since: string, at: string, takes: string}> $totality
     * @param list<array{number: int, name: string, exposures: string, frames: int, since: string, at: string, takes: string}> $clouded
     * @param list<string> $left wishes that do not fit
     * @param list<string> $shortened wishes of which fewer frames are taken
     * @param list<array{at: string, altitude: string, step: string}> $partial
     * @param string $off when the filter may come off; blank where it stays on
     * @param string $cloudedOff the same under clouds until the end
     * @param string $on by when it is on again
     */
    private function __construct(
        public array $totality,
        public array $clouded,
        public array $left,
        public array $shortened,
        public array $partial,
        public string $partialSummary,
        public string $off,
        public string $cloudedOff,
        public string $on,
    ) {}

    public static function of(CameraPlan $plan, Clock $clock): self
    {
        $at = static fn(?float $ut): string => $ut === null ? '' : FilterWords::notBefore(JulianDate::toDateTime($ut), $clock);

        return new self(
            totality: self::list($plan, $plan->totality, $clock),
            clouded: self::list($plan, $plan->clouded, $clock),
            left: $plan->freeS() === null ? [] : array_map(static fn(Wish $wish): string => $wish->name, $plan->totality->left),
            shortened: self::shortened($plan),
            partial: array_map(static fn(PartialPicture $picture): array => [
                'at' => $clock->second(JulianDate::toDateTime($picture->julianDateUt)),
                'altitude' => Numbers::decimal($plan->seen->altitudeDegAt($picture->julianDateUt)) . '°',
                'step' => PhotoWords::step($picture->exposure->step),
            ], $plan->partial),
            partialSummary: self::summary($plan),
            off: $at($plan->totality->offUt),
            cloudedOff: $at($plan->clouded->offUt),
            on: $plan->totality->onUt === null ? '' : FilterWords::notAfter(JulianDate::toDateTime($plan->totality->onUt), $clock),
        );
    }

    /** @return list<array{number: int, name: string, exposures: string, frames: int, since: string, at: string, takes: string}> */
    private static function list(CameraPlan $plan, ShotList $list, Clock $clock): array
    {
        $free = $plan->outfit->free($plan->programme);

        return array_map(static fn(PlannedShot $planned, int $i): array => [
            'number' => $i + 1,
            'name' => $planned->wish->name,
            'exposures' => implode(', ', array_map(static fn(Shot $shot): string => ShutterStep::nearest($free->seconds($shot->q))->name . ($shot->frames > 1 ? " ×{$shot->frames}" : ''), $planned->wish->shots)) . ' s',
            'frames' => array_sum(array_map(static fn(Shot $shot): int => $shot->frames, $planned->wish->shots)),
            'since' => Numbers::decimal(($planned->fromUt - (float) $list->offUt) * self::DAY_S),
            'at' => $clock->second(JulianDate::toDateTime($planned->fromUt)),
            'takes' => Numbers::decimal($planned->wish->lastsS($free), 1),
        ], $list->shots, array_keys($list->shots));
    }

    /** @return list<string> */
    private static function shortened(CameraPlan $plan): array
    {
        $wished = array_column(array_map(static fn(Wanted $wanted): array => [$wanted->name, $wanted->frames], $plan->programme->wanted), 1, 0);

        return array_values(array_map(
            static fn(PlannedShot $planned): string => __(':name: :frames of :wished frames each', ['name' => $planned->wish->name, 'frames' => $planned->wish->shots[0]->frames, 'wished' => $wished[$planned->wish->name] ?? 0]),
            array_filter($plan->totality->shots, static fn(PlannedShot $planned): bool => $planned->wish->shots[0]->frames < ($wished[$planned->wish->name] ?? 0)),
        ));
    }

    private static function summary(CameraPlan $plan): string
    {
        if ($plan->partial === []) {
            return __('The Sun is not seen from there while the eclipse lasts, or the camera may not stand there.');
        }
        $steps = array_map(static fn(PartialPicture $picture): ShutterStep => $picture->exposure->step, $plan->partial);
        usort($steps, static fn(ShutterStep $a, ShutterStep $b): int => $a->seconds <=> $b->seconds);
        [$shortest, $longest] = [$steps[0]->name, $steps[count($steps) - 1]->name];

        return __(':count pictures, every :every, at ISO :iso and f/:f: :step s, the filter on in all of them.', [
            'count' => count($plan->partial),
            'every' => PhotoWords::every($plan->programme->intervalS),
            'iso' => round($plan->programme->isoFiltered, 1),
            'f' => KitWords::plain(round($plan->outfit->filtered($plan->programme)->fNumber, 1)),
            'step' => $shortest === $longest ? $shortest : __(':a to :b', ['a' => $shortest, 'b' => $longest]),
        ]);
    }
}
