<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeImmutable;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Clouds;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\CueNeed;
use KeenShadow\Core\RunSheet\Cues\CueNote;
use KeenShadow\Core\RunSheet\Cues\Occasion;
use KeenShadow\Core\RunSheet\Cues\PlacedCue;
use KeenShadow\Core\RunSheet\Cues\UsualCue;

/** Cues in words. */
final class CueWords
{
    public static function kind(CueKind $kind): string
    {
        return match ($kind) {
            CueKind::Safety => __('Safety'),
            CueKind::Call => __('Call'),
            CueKind::Look => __('Look'),
            CueKind::Measure => __('Measure'),
            CueKind::Move => __('Move'),
            CueKind::Brief => __('Brief'),
            CueKind::Pack => __('Pack'),
        };
    }

    /** What it is about, and whether it is for clouds only. */
    public static function about(Cue $cue): string
    {
        return self::kind($cue->kind) . ($cue->underClouds() === Clouds::OnlyThen ? ', ' . __('only under clouds') : '');
    }

    public static function clouds(Clouds $clouds): string
    {
        return match ($clouds) {
            Clouds::GoesOn => __('goes on'),
            Clouds::FallsAway => __('falls away'),
            Clouds::OnlyThen => __('only then: plan B'),
        };
    }

    /** What is called or seen to the second, all else to the minute. */
    public static function time(CueKind $kind, DateTimeImmutable $moment, Clock $clock): string
    {
        return in_array($kind, [CueKind::Safety, CueKind::Call, CueKind::Look], true) ? $clock->second($moment) : $clock->minute($moment);
    }

    public static function anchor(Anchor $anchor): string
    {
        return match ($anchor) {
            Anchor::C1 => __('C1, first bite'),
            Anchor::C2 => __('C2, totality or ring begins'),
            Anchor::Maximum => __('maximum'),
            Anchor::C3 => __('C3, totality or ring ends'),
            Anchor::C4 => __('C4, last bite'),
            Anchor::Sunrise => __('sunrise'),
            Anchor::Sunset => __('sunset'),
            Anchor::Hidden => __('the Sun goes behind something'),
            Anchor::Clear => __('the Sun comes out again'),
            Anchor::Clock => __('the clock'),
        };
    }

    public static function occasion(Occasion $occasion): string
    {
        return match ($occasion) {
            Occasion::Lessons => __('A class between bells'),
            Occasion::Public => __('A public event'),
            Occasion::Telescopes => __('Telescopes on a square'),
            Occasion::Indoors => __('Indoors, through a banner'),
        };
    }

    /** "10 min before C1, first bite", "10:30 by the clock". */
    public static function hangs(Cue $cue): string
    {
        $anchor = $cue->clockS === null ? self::anchor($cue->anchor) : sprintf('%02d:%02d', intdiv($cue->clockS, 3600), intdiv($cue->clockS, 60) % 60) . ($cue->clockS % 60 === 0 ? '' : sprintf(':%02d', $cue->clockS % 60));
        $span = TypedSpan::write(abs($cue->offsetS));

        return match (true) {
            $cue->offsetS < 0 => __(':span before :anchor', ['span' => $span, 'anchor' => $anchor]),
            $cue->offsetS > 0 => __(':span after :anchor', ['span' => $span, 'anchor' => $anchor]),
            default => __('at :anchor', ['anchor' => $anchor]),
        };
    }

    public static function note(CueNote $note, PlacedCue $placed, Clock $clock): string
    {
        return match ($note) {
            CueNote::NoMoment => __('There is no such moment here (:anchor): it has no time. Hang it on another.', ['anchor' => self::anchor($placed->cue->anchor)]),
            CueNote::MomentDown => __('The Sun is down then (:anchor): it has no time. Hang it on sunset or the clock.', ['anchor' => self::anchor($placed->cue->anchor)]),
            CueNote::NotSeen => __('Not called: :need Move it, or take it off the sheet.', ['need' => $placed->cue->needs === null ? '' : self::need($placed->cue->needs)]),
            CueNote::EyesAtTheSun => __('Not called: the Sun stands low and shines then, and nobody is sent to look round. Let people stand with their back to the Sun.'),
            CueNote::SunDown => __('The Sun is down: nothing is to be seen.'),
            CueNote::SunHidden => __('The Sun is behind what stands on the site.'),
            CueNote::OutsideHours => __('Outside the hours of the event.'),
            CueNote::Clash => __(':who is wanted for something else at the same time: :names.', ['who' => $placed->cue->who, 'names' => implode(', ', $placed->clashes)]),
            CueNote::Frozen => $placed->wouldBegin === null
                ? __('It is frozen; what it hangs on does not happen here any more.')
                : __('It is frozen; it would stand at :time by now.', ['time' => $clock->second($placed->wouldBegin)]),
        };
    }

    /** What must be seen for it, as a sentence. */
    public static function need(CueNeed $need): string
    {
        return match ($need) {
            CueNeed::FiltersOff => __('Filters are on at this time.'),
            CueNeed::Totality => __('Totality is not seen from here.'),
            CueNeed::Ring => __('The ring is not seen from here.'),
            CueNeed::FiltersStayOn => __('Here it is total, and filters come off at the call.'),
        };
    }

    /** The same as one chooses it. */
    public static function needChoice(CueNeed $need): string
    {
        return match ($need) {
            CueNeed::FiltersOff => __('while filters may be off'),
            CueNeed::Totality => __('where totality is seen'),
            CueNeed::Ring => __('where the ring is seen'),
            CueNeed::FiltersStayOn => __('where filters stay on all the time'),
        };
    }

    public static function eyes(Gaze $eyes): string
    {
        return match ($eyes) {
            Gaze::Ground => __('at something on the ground'),
            Gaze::Away => __('away from the Sun, with the back to it'),
            Gaze::AllRound => __('round the whole horizon'),
        };
    }

    /** @return array{name: string, crew: string, call: string} of a usual cue */
    public static function usual(UsualCue $cue): array
    {
        /** @var array{string, string, string} $words */
        $words = trans("cues.{$cue->code}");

        return ['name' => $words[0], 'crew' => $words[1], 'call' => $words[2]];
    }

    /** What is added up from C2 to filters off, or taken off C3. */
    public static function part(string $part): string
    {
        return match ($part) {
            'delta_t' => __('ΔT of that day'),
            'limb' => __('the Moon\'s uneven limb'),
            'clock' => __('clock, UTC against UT1'),
            'place' => __('place known to 100 m'),
            default => __('a hand\'s time'),
        };
    }
}
