<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\Site\BeamDrawing;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use DateTimeImmutable;
use KeenShadow\Core\Rules\ImageQuality;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Mirror\FlatMirror;
use KeenShadow\Core\Site\Mirror\MirrorOutlook;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** A flat mirror that throws the Sun's image on a shaded wall: how it is set, what the beam meets, how the spot walks. */
final readonly class MirrorPage
{
    private const EVERY_MINUTES = 10;

    /**
     * @param list<string> $mirrors to choose from
     * @param list<string> $screens
     * @param list<array{label: string, value: string, note: string}> $figures
     * @param list<array{time: string, tilt: string, bearing: string, walk: string, again: string}> $rows
     */
    private function __construct(
        public array $mirrors,
        public array $screens,
        public Thing $mirror,
        public Thing $screen,
        public string $time,
        public string $headline,
        public Verdict $verdict,
        public Situation $situation,
        public array $figures,
        public array $rows,
        public BeamDrawing $drawing,
        public string $wall,
    ) {}

    /** @return self|null null when the plan has no mirror or no screen, or both lie in one place */
    public static function of(SunlitSite $site, ?string $mirrorName, ?string $screenName, float $openingMm, float $screenM, DateTimeImmutable $moment): ?self
    {
        $mirrors = self::ofKind($site, ThingKind::Mirror);
        $screens = self::ofKind($site, ThingKind::Screen);
        $mirror = $mirrors[$mirrorName ?? ''] ?? array_values($mirrors)[0] ?? null;
        $screen = $screens[$screenName ?? ''] ?? array_values($screens)[0] ?? null;
        $outlook = $mirror === null || $screen === null ? null : MirrorOutlook::of($mirror, $screen, $site->plan, $site->track);
        if ($outlook === null) {
            return null;
        }
        $sun = $site->track->atTime($moment);
        $aimed = $outlook->aimed($sun);
        $slackM = max(0.0, ($screenM - $aimed->imageM()) / 2);
        $clock = Clock::over($site->here)->minute($moment);

        return new self(
            mirrors: array_keys($mirrors),
            screens: array_keys($screens),
            mirror: $outlook->mirror,
            screen: $outlook->screen,
            time: $site->here->local($moment)->format('H:i'),
            headline: __('At :time turn the mirror to :bearing and tilt it back :tilt.', [
                'time' => $clock, 'bearing' => Angles::direction($aimed->bearingDeg(), 0), 'tilt' => Angles::degrees($aimed->tiltDeg(), 0),
            ]),
            verdict: $outlook->verdict($sun, $site->outlookFrom($outlook->screen)),
            situation: $outlook->situation(),
            figures: self::figures($aimed, $openingMm, $slackM),
            rows: self::rows($site, $outlook, $slackM),
            drawing: BeamDrawing::of($outlook->beam, $site->plan),
            wall: $outlook->wall === null
                ? __('“:screen” stands at no wall; it is taken to face the mirror.', ['screen' => $outlook->screen->name])
                : __('“:screen” hangs on :wall, which faces :way.', ['screen' => $outlook->screen->name, 'wall' => $outlook->wall->name, 'way' => Angles::direction($outlook->wallBearingDeg, 0)]),
        );
    }

    /** @return array<string, Thing> by name */
    private static function ofKind(SunlitSite $site, ThingKind $kind): array
    {
        $found = [];
        foreach ($site->plan->places() as $place) {
            if ($place->kind === $kind) {
                $found[$place->name] = $place;
            }
        }

        return $found;
    }

    /** @return list<array{label: string, value: string, note: string}> */
    private static function figures(FlatMirror $aimed, float $openingMm, float $slackM): array
    {
        $imageMm = $aimed->imageM() * 1000;
        $walk = $aimed->walk(60.0);
        $seconds = $aimed->secondsToWalk($slackM);

        return [
            ['label' => __('Image of the Sun'), 'value' => Numbers::decimal($imageMm, 0) . ' mm', 'note' => __('2·L·tan(s/2) over :m m; softened by the opening, :mm mm', ['m' => Numbers::decimal($aimed->throwM(), 1), 'mm' => Numbers::decimal($openingMm, 0)])],
            ['label' => __('Details across the disc'), 'value' => Numbers::decimal($imageMm / $openingMm, 1), 'note' => __('image over opening; below :few a crescent is hard to tell from a blob (own judgement)', ['few' => ImageQuality::FEWEST_DETAILS])],
            ['label' => __('The spot walks'), 'value' => $walk === null ? __('off the wall') : self::walk($walk), 'note' => __('a minute, facing the wall')],
            ['label' => __('Aim again every'), 'value' => $seconds === null ? __('hour or more') : Durations::toTheSecond((float) $seconds), 'note' => __('to keep the image on the screen, :cm cm to spare on each side', ['cm' => Numbers::decimal($slackM * 100, 0)])],
            ['label' => __('Angle on the glass'), 'value' => Angles::degrees($aimed->incidenceDeg(), 0), 'note' => __('from straight on')],
        ];
    }

    /** @return list<array{time: string, tilt: string, bearing: string, walk: string, again: string}> */
    private static function rows(SunlitSite $site, MirrorOutlook $outlook, float $slackM): array
    {
        $rows = [];
        foreach (EventMoments::every(self::EVERY_MINUTES, $site) as $clock => $sun) {
            $mirror = $outlook->aimed($sun);
            $walk = $mirror->walk(60.0);
            $seconds = $mirror->secondsToWalk($slackM);
            $rows[] = [
                'time' => $clock,
                'tilt' => Angles::degrees($mirror->tiltDeg()),
                'bearing' => Angles::direction($mirror->bearingDeg()),
                'walk' => $walk === null ? __('off the wall') : self::walk($walk),
                'again' => $seconds === null ? __('an hour or more') : Durations::toTheSecond((float) $seconds),
            ];
        }

        return $rows;
    }

    /** @param array{rightM: float, upM: float} $walk */
    private static function walk(array $walk): string
    {
        return Numbers::decimal(100 * hypot($walk['rightM'], $walk['upM']), 0) . ' cm ' . implode(' ', array_filter([
            abs($walk['rightM']) < 0.2 * abs($walk['upM']) ? '' : ($walk['rightM'] > 0 ? __('right') : __('left')),
            abs($walk['upM']) < 0.2 * abs($walk['rightM']) ? '' : ($walk['upM'] > 0 ? __('up') : __('down')),
        ], static fn(string $way): bool => $way !== ''));
    }
}
