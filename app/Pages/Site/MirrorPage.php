<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\BeamDrawing;
use App\Pages\Words;
use DateTimeImmutable;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Subject;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Beam;
use KeenShadow\Core\Site\Facade;
use KeenShadow\Core\Site\FlatMirror;
use KeenShadow\Core\Site\Sight;
use KeenShadow\Core\Site\SunPlace;
use KeenShadow\Core\Site\Thing;
use KeenShadow\Core\Site\ThingKind;

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
        public array $figures,
        public array $rows,
        public BeamDrawing $drawing,
        public string $wall,
    ) {}

    /** @return self|null null when the plan has no mirror or no screen, or both lie in one place */
    public static function of(EventSite $site, ?string $mirrorName, ?string $screenName, float $openingMm, float $screenM, DateTimeImmutable $moment): ?self
    {
        $mirrors = self::ofKind($site, ThingKind::Mirror);
        $screens = self::ofKind($site, ThingKind::Screen);
        $mirror = $mirrors[$mirrorName ?? ''] ?? array_values($mirrors)[0] ?? null;
        $screen = $screens[$screenName ?? ''] ?? array_values($screens)[0] ?? null;
        if ($mirror === null || $screen === null || $mirror->at()->distanceM($screen->at()) < 0.1) {
            return null;
        }
        $wall = Facade::at($screen->at(), $site->plan);
        // A screen that hangs at no wall is turned to the mirror.
        $wallBearing = $wall->bearingDeg ?? $screen->at()->bearingDeg($mirror->at());
        $sun = $site->track->atTime($moment);
        $aimed = static fn(SunPlace $s): FlatMirror => FlatMirror::aimed($s, $site->track, $mirror, $screen, $wallBearing);
        $beam = new Beam($mirror->at(), $mirror->heightM, $screen->at(), $screen->heightM);
        $slackM = max(0.0, ($screenM - $aimed($sun)->imageM()) / 2);

        return new self(
            array_keys($mirrors),
            array_keys($screens),
            $mirror,
            $screen,
            $site->here->local($moment)->format('H:i'),
            __('At :time turn the mirror to :bearing and lean it back :tilt.', [
                'time' => $site->here->local($moment)->format('H:i'), 'bearing' => Words::direction($aimed($sun)->bearingDeg(), 0), 'tilt' => Words::degrees($aimed($sun)->tiltDeg(), 0),
            ]),
            self::verdict($site, $aimed($sun), $beam, $sun, $screen, $mirror, $wall),
            self::figures($aimed($sun), $beam, $openingMm, $slackM),
            self::rows($site, $aimed, $slackM),
            BeamDrawing::of($beam, $site->plan),
            $wall === null ? __('“:screen” stands at no wall; it is taken to face the mirror.', ['screen' => $screen->name]) : __('“:screen” hangs on :wall, which looks :way.', ['screen' => $screen->name, 'wall' => $wall->name, 'way' => Words::direction($wallBearing, 0)]),
        );
    }

    /** @return array<string, Thing> by name */
    private static function ofKind(EventSite $site, ThingKind $kind): array
    {
        $found = [];
        foreach ($site->plan->places() as $place) {
            if ($place->kind === $kind) {
                $found[$place->name] = $place;
            }
        }

        return $found;
    }

    private static function verdict(EventSite $site, FlatMirror $aimed, Beam $beam, SunPlace $sun, Thing $screen, Thing $mirror, ?Facade $wall): Verdict
    {
        $findings = [];
        $skyline = $site->plan->skylineFrom($mirror->at(), $mirror->heightM);
        if ($skyline->sightOf($sun) !== Sight::Clear) {
            $findings[] = new Finding(Level::No, 'At this time :name stands between the Sun and the mirror.', 'Move the mirror, or choose another time.', Source::Plan, ['name' => $skyline->boundBefore($sun) ?? 'the horizon']);
        }
        $blocked = $beam->blockedBy($site->plan);
        if ($blocked !== null) {
            $findings[] = new Finding(Level::No, ':name stands in the beam\'s way.', 'Move the mirror or the screen, or set one of them higher.', Source::Plan, ['name' => $blocked->name]);
        }
        if ($wall !== null && $beam->from->distanceM($wall->before($beam->to)) > $beam->from->distanceM($beam->to)) {
            $findings[] = new Finding(Level::No, 'The mirror lies behind the wall that carries the screen.', 'Put it on the other side.', Source::Plan);
        }
        if ($aimed->isGrazing()) {
            $findings[] = new Finding(Level::Hold, 'The light only grazes the glass: the mirror must be long and true.', 'Bring the mirror more between the Sun\'s side and the wall.', Source::Plan);
        }
        $passes = $beam->passes($site->plan);
        if ($passes !== []) {
            $findings[] = new Finding(Level::Hold, 'The beam goes by :names.', 'Move the mirror, or keep people and windows out of it: reflected sunlight blinds.', Source::Plan, ['names' => implode(', ', array_map(static fn(Thing $t): string => $t->name, $passes))]);
        }
        if ($beam->atEyesM() > 0) {
            $findings[] = new Finding(Level::Hold, 'For :metres m the beam runs at the height of eyes.', 'Rope that stretch off, or raise the screen and lower the mirror.', Source::CommonPractice, ['metres' => number_format($beam->atEyesM(), 1)]);
        }
        if ($site->outlookFrom($screen)->shadeVerdict()->level !== Level::Yes) {
            $findings[] = new Finding(Level::Hold, 'The Sun itself reaches the screen for a part of the eclipse and washes the image out.', 'Hang it in a wall\'s shade.', Source::CommonPractice);
        }

        return Verdict::of(Subject::Beam, $findings, new Finding(Level::Yes, 'Nothing on the plan is in the beam\'s way, and it passes no window and no eye.', 'Only a flat mirror, with tape over the side that is not used; somebody stands by it all the time.', Source::CommonPractice));
    }

    /** @return list<array{label: string, value: string, note: string}> */
    private static function figures(FlatMirror $aimed, Beam $beam, float $openingMm, float $slackM): array
    {
        $imageMm = $aimed->imageM() * 1000;
        $walk = $aimed->walk(60.0);
        $seconds = $aimed->secondsToWalk($slackM);

        return [
            ['label' => __('Image of the Sun'), 'value' => number_format($imageMm, 0) . ' mm', 'note' => __('2·L·tan(s/2) over :m m; softened by the opening, :mm mm', ['m' => number_format($aimed->throwM(), 1), 'mm' => number_format($openingMm, 0)])],
            ['label' => __('Details across the disc'), 'value' => number_format($imageMm / $openingMm, 1), 'note' => __('image over opening; from about 4 a crescent shows well (own judgement)')],
            ['label' => __('The spot walks'), 'value' => $walk === null ? __('off the wall') : self::walk($walk), 'note' => __('a minute, facing the wall')],
            ['label' => __('Aim again every'), 'value' => $seconds === null ? __('hour or more') : Words::duration((float) $seconds), 'note' => __('to keep the image on the screen, :cm cm to spare on each side', ['cm' => number_format($slackM * 100, 0)])],
            ['label' => __('Angle on the glass'), 'value' => Words::degrees($aimed->incidenceDeg(), 0), 'note' => __('from straight on')],
        ];
    }

    /**
     * @param callable(SunPlace): FlatMirror $aimed
     *
     * @return list<array{time: string, tilt: string, bearing: string, walk: string, again: string}>
     */
    private static function rows(EventSite $site, callable $aimed, float $slackM): array
    {
        $rows = [];
        foreach (EventMoments::every(self::EVERY_MINUTES, $site) as $clock => $sun) {
            $mirror = $aimed($sun);
            $walk = $mirror->walk(60.0);
            $seconds = $mirror->secondsToWalk($slackM);
            $rows[] = [
                'time' => $clock,
                'tilt' => Words::degrees($mirror->tiltDeg()),
                'bearing' => Words::direction($mirror->bearingDeg()),
                'walk' => $walk === null ? __('off the wall') : self::walk($walk),
                'again' => $seconds === null ? __('an hour or more') : Words::duration((float) $seconds),
            ];
        }

        return $rows;
    }

    /** @param array{rightM: float, upM: float} $walk */
    private static function walk(array $walk): string
    {
        return number_format(100 * hypot($walk['rightM'], $walk['upM']), 0) . ' cm ' . implode(' ', array_filter([
            abs($walk['rightM']) < 0.2 * abs($walk['upM']) ? '' : ($walk['rightM'] > 0 ? __('right') : __('left')),
            abs($walk['upM']) < 0.2 * abs($walk['rightM']) ? '' : ($walk['upM'] > 0 ? __('up') : __('down')),
        ], static fn(string $way): bool => $way !== ''));
    }
}
