<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Day\DayState;
use KeenShadow\Core\Day\EntryKind;
use KeenShadow\Core\Day\Look;
use KeenShadow\Core\Day\SeenPlanet;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\Planet;
use KeenShadow\Core\Sky\ShadowCourse;

/** What the day's screen says. */
final class DayWords
{
    private const ON_THE_HORIZON_DEG = 2.0;

    public static function state(DayState $state): string
    {
        return match ($state) {
            DayState::Before => __('Not begun yet'),
            DayState::FiltersOn => __('Filters on'),
            DayState::MayComeOff => __('Totality: filters may come off'),
            DayState::KeptOn => __('Filters stay on'),
            DayState::FiltersBackOn => __('Filters back on'),
            DayState::After => __('The eclipse is over'),
            DayState::Clouded => __('Clouded: filters on'),
            DayState::Stopped => __('Stop: filters on'),
        };
    }

    /** What everybody there does. */
    public static function whatToDo(DayState $state): string
    {
        return match ($state) {
            DayState::Before => __('The whole Sun shines: whoever looks at it looks through a filter.'),
            DayState::FiltersOn => __('Some of the Sun shows: nobody looks without a filter.'),
            DayState::MayComeOff => __('You may look without a filter now. Put it back on the moment you hear the call.'),
            DayState::KeptOn => __('Totality ends too soon after the stop or the cloud: keep your filter on.'),
            DayState::FiltersBackOn => __('The Sun is back: filters stay on to the end.'),
            DayState::After => __('The Sun is as bright as ever: filters on, whoever looks.'),
            DayState::Clouded => __('It may break open at any moment: filters stay on. Go on with what needs no Sun.'),
            DayState::Stopped => __('Nobody looks. Instruments are covered. Wait for whoever leads.'),
        };
    }

    /** What a line of the log is, before what was written. */
    public static function kind(EntryKind $kind): string
    {
        return match ($kind) {
            EntryKind::Stop => __('Stop'),
            EntryKind::GoOn => __('Go on'),
            EntryKind::Cloud => __('Cloud'),
            EntryKind::Clear => __('Clear again'),
            EntryKind::Note, EntryKind::Observation => '',
            EntryKind::Message => __('To all'),
            EntryKind::CheckIn => __('At the post'),
            EntryKind::CheckOut => __('Left the post'),
            EntryKind::NoShow => __('Does not come'),
            EntryKind::FilterOff => __('A filter came off'),
            EntryKind::RehearsalEnds => __('The rehearsal ended'),
        };
    }

    /** The name of something to look at. */
    public static function lookName(Look $look): string
    {
        return match ($look) {
            Look::Corona => __('The corona'),
            Look::Horizon => __('The horizon, all round'),
            Look::Planets => __('The planets'),
            Look::Quiet => __('Be still: listen and feel'),
            Look::CoronaAgain => __('The corona once more'),
        };
    }

    /** What it is, in a sentence. */
    public static function look(Look $look): string
    {
        return match ($look) {
            Look::Corona => __('Pearly light round a black disc, with rays and loops; pink flames at the rim.'),
            Look::Horizon => __('Turn once round: a glow as after sunset on every side, where the shadow ends.'),
            Look::Planets => __('The brightest stand out at once, the others with luck.'),
            Look::Quiet => __('Birds and insects as in the evening; the wind drops, it has turned cold.'),
            Look::CoronaAgain => __('Once more, until the call: then the filter is back on.'),
        };
    }

    /** "east, 95°, 40° high: 4 fists at arm's length" */
    public static function direction(Bearing $bearing): string
    {
        $fists = $bearing->fists();

        return __(':compass, :azimuth°, :altitude° high: :fists', [
            'compass' => SkyWords::compass($bearing->azimuthDeg),
            'azimuth' => Numbers::decimal(fmod(round($bearing->azimuthDeg), 360.0), 0),
            'altitude' => Numbers::decimal($bearing->altitudeDeg, 0),
            'fists' => $fists === 1.0 ? __('1 fist at arm\'s length') : __(':count fists at arm\'s length', ['count' => Numbers::decimal($fists, fmod($fists, 1.0) > 0 ? 1 : 0)]),
        ]);
    }

    /** Where the Sun stands at a time, as something to know: nobody is sent to look. */
    public static function sunAt(string $time, Bearing $sun): string
    {
        $words = ['time' => $time, 'compass' => SkyWords::compass($sun->azimuthDeg)];

        return $sun->altitudeDeg < self::ON_THE_HORIZON_DEG
            ? __('At :time the Sun is in the :compass, on the horizon.', $words)
            : __('At :time the Sun is in the :compass, about :count fists (held at arm\'s length) above the horizon.', $words + ['count' => Numbers::decimal($sun->fists(), fmod($sun->fists(), 1.0) > 0 ? 1 : 0)]);
    }

    public static function planet(SeenPlanet $seen): string
    {
        return __(':planet: :direction (:how, magnitude :magnitude)', [
            'planet' => self::planetName($seen->planet),
            'direction' => self::direction($seen->bearing),
            'how' => $seen->isEasy() ? __('bright') : __('with luck'),
            'magnitude' => Numbers::decimal($seen->magnitude, 0),
        ]);
    }

    /** Where it comes from is well away from the Sun: core's Gaze was asked. */
    public static function shadow(ShadowCourse $course): string
    {
        return __('In the minute before totality the shadow comes from the :from, as a dark wall in the sky. Turn your back to the Sun to see it.', ['from' => self::compassAndDegrees($course->comesFromDeg)]);
    }

    /** Where it comes from the side on which the Sun shines. */
    public static function shadowAtTheSun(): string
    {
        return __('The shadow comes from the side where the Sun still shines: do not look for it. Stand with your back to the Sun and watch the ground grow dark.');
    }

    private static function compassAndDegrees(float $azimuthDeg): string
    {
        return SkyWords::compass($azimuthDeg) . ' (' . Numbers::decimal(fmod(round($azimuthDeg), 360.0), 0) . '°)';
    }

    private static function planetName(Planet $planet): string
    {
        return match ($planet) {
            Planet::Mercury => __('Mercury'),
            Planet::Venus => __('Venus'),
            Planet::Mars => __('Mars'),
            Planet::Jupiter => __('Jupiter'),
            Planet::Saturn => __('Saturn'),
        };
    }

    /**
     * What whoever comes brings along.
     *
     * @return list<string>
     */
    public static function bring(?Policy $policy, bool $isTotal): array
    {
        return [
            __('Water, a hat, sun cream, something to sit on.'),
            ...($isTotal ? [__('Something warm: in totality it turns cold.')] : []),
            match ($policy) {
                Policy::IndirectOnly => __('A box or a card with a small hole, or a colander: here everybody looks at images, nobody at the Sun itself.'),
                Policy::Banner => __('Nothing for the eyes: you look from indoors, through filters in a banner.'),
                Policy::Glasses, Policy::Mixed => __('Your own eclipse glasses, if you have some: have them looked over before you use them. A card with a small hole shows the Sun as well.'),
                null => __('A card with a small hole shows the Sun without looking at it. Glasses of your own are looked over before they are used.'),
            },
        ];
    }
}
